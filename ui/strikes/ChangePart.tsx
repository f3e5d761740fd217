/** Another lure or another spot, from where the log is kept: the next cast opens a new block. */
import { useState } from 'react';
import type { Lure } from '../../core/records/lure';
import { CHANGE_TEXTS, noSuchLureText } from '../../wording/strikes';
import { useActions, useBookWithoutLog, useConditions, usePlan, useRanking } from '../day/contexts';
import { Choices } from '../parts/Buttons';
import { Disclosure } from '../parts/Disclosure';
import { Find } from '../parts/Find';
import { Say } from '../parts/Say';
import { SpotChoice } from '../water/SpotChoice';

/** Lures that are offered at once, and found by a word. */
const SHOWN = 6;

/** What is in hand, then the best by the ranking, then the rest by name; only those of whose name the word is part. */
function lureChoices(
  box: readonly Lure[],
  ranked: readonly { key: string }[],
  inHand: string | null,
  wanted: string,
): Lure[] {
  const place = (l: Lure): number => {
    const at = ranked.findIndex((x) => x.key === l.id);
    return l.id === inHand ? -1 : at < 0 ? ranked.length : at;
  };
  return box
    .filter((l) => l.name.toLowerCase().includes(wanted.trim().toLowerCase()))
    .sort((a, b) => place(a) - place(b))
    .slice(0, SHOWN);
}

export function ChangePart() {
  const { day } = useConditions();
  const { lure } = usePlan();
  const { ranking } = useRanking();
  const book = useBookWithoutLog();
  const actions = useActions();
  const [wanted, setWanted] = useState('');
  if (!day) return null;
  const lures = lureChoices(book.box, ranking?.ranked ?? [], lure?.id ?? null, wanted);
  return (
    <Disclosure title={CHANGE_TEXTS.title}>
      {book.box.length > 0 ? (
        <>
          <Say kind="strong">{CHANGE_TEXTS.lure}</Say>
          <Find label={CHANGE_TEXTS.find} value={wanted} onChange={setWanted} />
          {lures.length > 0 ? (
            <Choices
              label={CHANGE_TEXTS.lure}
              options={lures.map((l) => ({ value: l.id, title: l.name }))}
              value={lure?.id ?? null}
              onChange={(id) => {
                setWanted('');
                actions.chooseLure(id);
              }}
            />
          ) : (
            <Say role="status">{noSuchLureText(wanted)}</Say>
          )}
        </>
      ) : (
        <Say>{CHANGE_TEXTS.emptyBox}</Say>
      )}
      <SpotChoice />
    </Disclosure>
  );
}
