/** One lure of the box: a few at once, the rest found by a word of the name. */
import type { Lure } from '../../core/records/lure';
import { CHANGE_TEXTS, noSuchLureText } from '../../wording/strikes';
import { FoundChoice } from '../parts/FoundChoice';
import { Say } from '../parts/Say';

interface LureChoiceProps {
  label: string;
  box: readonly Lure[];
  /** Best first; what it does not name stands behind, by name. */
  ranked?: readonly { key: string }[];
  value: string | null;
  onChange: (id: string) => void;
}

export function LureChoice({ label, box, ranked = [], value, onChange }: LureChoiceProps) {
  if (box.length === 0) return <Say>{CHANGE_TEXTS.emptyBox}</Say>;
  const place = (l: Lure): number => {
    const at = ranked.findIndex((x) => x.key === l.id);
    return at < 0 ? ranked.length : at;
  };
  return (
    <FoundChoice
      label={label}
      find={CHANGE_TEXTS.find}
      nothing={noSuchLureText}
      options={[...box].sort((a, b) => place(a) - place(b)).map((l) => ({ value: l.id, title: l.name }))}
      value={value}
      onChange={onChange}
    />
  );
}
