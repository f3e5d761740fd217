/** What the log makes of today's choice: the level, what each kind did against what was expected, and a trial. */
import { levelText } from '../../wording/learning';
import { MOVED_LEAD, movedLines, NO_LOG_YET, TODAY_TITLE } from '../../wording/lessons';
import { useRanking } from '../day/contexts';
import { TrialCard } from '../lures/LogPart';
import { useNames } from '../lures/useNames';
import { Part } from '../parts/Box';
import { Disclosure } from '../parts/Disclosure';
import { Say } from '../parts/Say';

/** Kinds that are told at once. */
const SHOWN = 4;

export function TodayPart() {
  const { ranking } = useRanking();
  const nameOf = useNames();
  if (!ranking) return null;
  const level = levelText(ranking);
  const lines = movedLines(ranking, nameOf);
  const say = (line: string) => <Say key={line}>{line}</Say>;
  return (
    <Part title={TODAY_TITLE}>
      <Say>{level ?? NO_LOG_YET}</Say>
      {lines.length > 0 ? (
        <Say kind="label" tone="soft">
          {MOVED_LEAD}
        </Say>
      ) : null}
      {lines.slice(0, SHOWN).map(say)}
      {lines.length > SHOWN ? (
        <Disclosure title={`${lines.length - SHOWN} more`}>{lines.slice(SHOWN).map(say)}</Disclosure>
      ) : null}
      <TrialCard />
    </Part>
  );
}
