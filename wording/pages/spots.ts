import { spotsText } from '../places';

/** Spots from above, and their files. */
export const SPOTS_PAGE = {
  takeLastBack: 'Take the last one back',
  keepOpen: 'Keep it, open',
  holdNearest: 'Move the nearest one',
  readFile: 'Read spots from a file…',
  saveGpx: (spots: string): string => `Save ${spots} as GPX`,
  saveGeoJson: (spots: string): string => `Save ${spots} as GeoJSON`,
  leaveIt: 'Leave it where it was',
  moveOnPlan: (name: string): string => `Move ${name} on the plan`,
  ofThisWater: (n: number): string => `${spotsText(n)} of this water`,
  putBack: 'Put it back as it was',
  allOfWater: 'All of this water',
  find: 'Find by name or note',
  whatLine: 'What the line is',
  depthLine: 'A line of one depth',
  depthAlong: 'How deep it is all along the line',
  linesIn: 'Take as shores',
  linesOut: 'Leave out',
  showMore: (n: number): string => `Show ${n} more`,
};
