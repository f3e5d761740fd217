/** One lure of the box: a few at once, the rest found by a word of the name. */
import { useState } from 'react';
import type { Lure } from '../../core/records/lure';
import { CHANGE_TEXTS, noSuchLureText } from '../../wording/strikes';
import { Choices } from '../parts/Buttons';
import { Find } from '../parts/Find';
import { Say } from '../parts/Say';

/** Lures that are offered at once. */
const SHOWN = 6;

interface LureChoiceProps {
  label: string;
  box: readonly Lure[];
  /** Best first; what it does not name stands behind, by name. */
  ranked?: readonly { key: string }[];
  value: string | null;
  onChange: (id: string) => void;
}

/** What is chosen, then the best by the ranking, then the rest; only those of whose name the word is part. */
function found(box: readonly Lure[], ranked: readonly { key: string }[], value: string | null, wanted: string): Lure[] {
  const place = (l: Lure): number => {
    const at = ranked.findIndex((x) => x.key === l.id);
    return l.id === value ? -1 : at < 0 ? ranked.length : at;
  };
  return box
    .filter((l) => l.name.toLowerCase().includes(wanted.trim().toLowerCase()))
    .sort((a, b) => place(a) - place(b))
    .slice(0, SHOWN);
}

export function LureChoice({ label, box, ranked = [], value, onChange }: LureChoiceProps) {
  const [wanted, setWanted] = useState('');
  if (box.length === 0) return <Say>{CHANGE_TEXTS.emptyBox}</Say>;
  const lures = found(box, ranked, value, wanted);
  return (
    <>
      <Find label={CHANGE_TEXTS.find} value={wanted} onChange={setWanted} />
      {lures.length > 0 ? (
        <Choices
          label={label}
          options={lures.map((l) => ({ value: l.id, title: l.name }))}
          value={value}
          onChange={(id) => {
            setWanted('');
            onChange(id);
          }}
        />
      ) : (
        <Say role="status">{noSuchLureText(wanted)}</Say>
      )}
    </>
  );
}
