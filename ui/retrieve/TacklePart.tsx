/** Which rod, reel and line throw it; remembered for the next day. */
import { View } from 'react-native';
import { inUse } from '../../core/records';
import { useActions, usePlan, usePrefs, useBookWithoutLog } from '../day/contexts';
import { Part } from '../parts/Box';
import { Button, Choices } from '../parts/Buttons';
import { Disclosure } from '../parts/Disclosure';
import { Say } from '../parts/Say';
import { saveFile } from '../platform/files';
import { RETRIEVE_PAGE } from '../../wording/pages/retrieve';

const PIECES = [
  { kind: 'rod', title: 'Rod', today: 'rodId', last: 'lastRodId' },
  { kind: 'reel', title: 'Reel', today: 'reelId', last: 'lastReelId' },
  { kind: 'line', title: 'Line', today: 'lineId', last: 'lastLineId' },
] as const;

export function TacklePart() {
  const { lure, tackle, request } = usePlan();
  const prefs = usePrefs();
  const book = useBookWithoutLog();
  const actions = useActions();
  if (!tackle) return null;
  const saveQuestion = (): void => saveFile('moss-kettle-plan.json', JSON.stringify(request, null, 1));
  return (
    <Part title="Tackle">
      <Say>{`${tackle.rod.name}, ${tackle.reel.name}, ${tackle.line.name}.`}</Say>
      {lure && prefs.rodByLure[lure.id] === tackle.rod.id ? (
        <Say kind="label" tone="soft">
          {RETRIEVE_PAGE.lastThrown(lure.name)}
        </Say>
      ) : null}
      <Disclosure title={RETRIEVE_PAGE.changeTackle}>
        {PIECES.map(({ kind, title, today, last }) => (
          <View key={kind} style={{ gap: 6 }}>
            <Say kind="label" tone="soft">
              {title}
            </Say>
            <Choices
              label={title}
              options={inUse<{ id: string; name: string; retiredAtMs: number | null }>(book[kind]).map((x) => ({
                value: x.id,
                title: x.name,
              }))}
              value={tackle[kind].id}
              onChange={(id) => {
                // A rod comes with what is on it.
                const on = kind === 'rod' ? book.rod[id] : undefined;
                const { reelId, lineId } = on ?? {};
                actions.changeTrip((t) => ({
                  ...t,
                  // A reel or a line is chosen for the rod in hand, whichever was chosen for the day before.
                  ...(book.rod[tackle.rod.id] ? { rodId: tackle.rod.id } : {}),
                  [today]: id,
                  ...(reelId ? { reelId } : {}),
                  ...(lineId ? { lineId } : {}),
                }));
                actions.savePrefs((now) => ({
                  [last]: id,
                  ...(kind === 'rod' && lure ? { rodByLure: { ...now.rodByLure, [lure.id]: id } } : {}),
                }));
              }}
            />
          </View>
        ))}
      </Disclosure>
      {request ? (
        <Button
          kind="plain"
          title={RETRIEVE_PAGE.saveAsked}
          onPress={saveQuestion}
          style={{ alignSelf: 'flex-start' }}
        />
      ) : null}
    </Part>
  );
}
