/** One of many: a few at once, the rest found by a word of the name. */
import { useState } from 'react';
import { foundNothingText, SHARED } from '../../wording/pages/shared';
import { Choices, type Option } from './Buttons';
import { Find } from './Find';
import { Say } from './Say';

/** As many are offered at once. */
const SHOWN = 6;

interface FoundChoiceProps<T extends string> {
  label: string;
  /** For the field; absent: what it is for, with the label. */
  find?: string;
  /** Said when nothing has the word. */
  nothing?: (wanted: string) => string;
  /** Most likely first; what is chosen stands before them. */
  options: readonly Option<T>[];
  value: T | null;
  onChange: (value: T) => void;
}

export function FoundChoice<T extends string>({
  label,
  find,
  nothing = foundNothingText,
  options,
  value,
  onChange,
}: FoundChoiceProps<T>) {
  const [wanted, setWanted] = useState('');
  const word = wanted.trim().toLowerCase();
  const found = options.filter((o) => o.title.toLowerCase().includes(word));
  const shown = [...found.filter((o) => o.value === value), ...found.filter((o) => o.value !== value)].slice(0, SHOWN);
  return (
    <>
      {options.length > SHOWN ? (
        <Find
          label={find ?? `${SHARED.find}: ${label}`}
          placeholder={find ?? SHARED.find}
          value={wanted}
          onChange={setWanted}
        />
      ) : null}
      {shown.length > 0 ? (
        <Choices
          label={label}
          options={shown}
          value={value}
          onChange={(v) => {
            setWanted('');
            onChange(v);
          }}
        />
      ) : (
        <Say role="status">{nothing(wanted)}</Say>
      )}
    </>
  );
}
