/** What stands on more pages than one. */
export const SHARED = {
  print: 'Print it',
  backToLures: 'Back to the lures',
  saveReport: 'Save the problem report to a file',
  backToRetrieve: 'Back to the retrieve',
  handleTurns: 'Turns of the handle',
  tieOn: 'What to tie on',
  backToKit: 'Back to the Kit',
  files: 'From and to a file',
  fromElsewhere: 'Put in catches from another log…',
  find: 'Find by a word',
  tells: 'What of your places goes along',
  putFileAway: 'Put the file away',
  noDay: 'Start a day on the Water page first.',
  disagree: 'Where good anglers disagree',
  failedNow: 'This could not be worked out just now.',
  failed: 'This could not be worked out. Change something and it will try again.',
  dayWaiting: 'Working out the day…',
  showMore: (n: number, of: number): string => `Show ${n} more of ${of}`,
};
export const foundNothingText = (wanted: string): string => `Nothing here is called “${wanted.trim()}”.`;
