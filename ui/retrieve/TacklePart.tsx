/** Which rod, reel and line throw it; remembered for the next day. */
import { useDay } from '../day/DayProvider';
import { Part } from '../parts/Box';
import { Choices } from '../parts/Buttons';
import { Disclosure } from '../parts/Disclosure';
import { Say } from '../parts/Say';

const inUse = <T extends { retiredAtMs: number | null }>(all: Readonly<Record<string, T>>): T[] =>
  Object.values(all).filter((x) => x.retiredAtMs === null);

export function TacklePart() {
  const { book, tackle, actions } = useDay();
  if (!tackle) return null;
  const pick = (key: 'rodId' | 'reelId' | 'lineId', last: 'lastRodId' | 'lastReelId' | 'lastLineId') => (id: string) => {
    actions.changeTrip((t) => ({ ...t, [key]: id }));
    actions.savePrefs({ [last]: id });
  };
  return (
    <Part title="Tackle">
      <Say>{`${tackle.rod.name}, ${tackle.reel.name}, ${tackle.line.name}.`}</Say>
      <Disclosure title="Change rod, reel or line">
        <Say kind="label" tone="soft">
          Rod
        </Say>
        <Choices
          label="Rod"
          options={inUse(book.rod).map((r) => ({ value: r.id, title: r.name }))}
          value={tackle.rod.id}
          onChange={pick('rodId', 'lastRodId')}
        />
        <Say kind="label" tone="soft">
          Reel
        </Say>
        <Choices
          label="Reel"
          options={inUse(book.reel).map((r) => ({ value: r.id, title: r.name }))}
          value={tackle.reel.id}
          onChange={pick('reelId', 'lastReelId')}
        />
        <Say kind="label" tone="soft">
          Line
        </Say>
        <Choices
          label="Line"
          options={inUse(book.line).map((l) => ({ value: l.id, title: l.name }))}
          value={tackle.line.id}
          onChange={pick('lineId', 'lastLineId')}
        />
      </Disclosure>
    </Part>
  );
}
