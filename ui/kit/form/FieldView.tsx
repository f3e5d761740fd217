/** One field of a form, by what it holds. What is wrong with it stands below it. */
import { useState, type ComponentProps } from 'react';
import { View } from 'react-native';
import { TextField } from '../../parts/TextField';
import { SketchLater } from '../../castplan/later';
import { Part } from '../../parts/Box';
import { Choices, Picks, type Option } from '../../parts/Buttons';
import { Find } from '../../parts/Find';
import { SteppedNumber } from '../../parts/SteppedNumber';
import { Say } from '../../parts/Say';
import { FIELD_OUTLINE, useTheme } from '../../theme/theme';
import type { Field, FormDraft } from './fields';
import { PositionField } from './PositionField';
import { Wrong } from './Wrong';
import { FIELD } from '../../../wording/pages/fields';

interface FieldViewProps {
  f: Field;
  value: unknown;
  problem: string | undefined;
  onChange: (v: unknown) => void;
  /** Whether what is typed there cannot be read: it must not be saved over. */
  onTrouble: (wrong: boolean) => void;
}

export function FieldView({ f, value, problem, onChange, onTrouble }: FieldViewProps) {
  const { p, scale } = useTheme();
  switch (f.type) {
    case 'text':
      return (
        <View style={{ maxWidth: 720, gap: 4 }}>
          <Say kind="strong">{f.label}</Say>
          <TextField
            mode="outlined"
            outlineStyle={FIELD_OUTLINE}
            aria-label={f.label}
            value={String(value ?? '')}
            onChangeText={onChange}
            multiline={f.multiline}
            error={!!problem}
            style={{ backgroundColor: p.card, minHeight: 56, fontSize: 16 * scale }}
          />
          <Wrong text={problem} />
        </View>
      );
    case 'choice':
      return (
        <Part title={f.label}>
          <ManyChoices f={f} value={(value as string | null) ?? (f.none ? NONE : null)} onChange={onChange} />
          <Wrong text={problem} />
        </Part>
      );
    case 'flags': {
      const flags = value as FormDraft;
      return (
        <Part title={f.label}>
          <Picks
            label={f.label}
            options={f.options}
            value={f.options.map((o) => o.value).filter((k) => flags[k] === true)}
            onChange={(v) => onChange(Object.fromEntries(f.options.map((o) => [o.value, v.includes(o.value)])))}
          />
        </Part>
      );
    }
    case 'many':
      return (
        <Part title={f.label}>
          <Picks label={f.label} options={f.options} value={(value as string[]) ?? []} onChange={onChange} />
        </Part>
      );
    case 'position':
      return (
        <PositionField
          f={f}
          value={value as { latDeg: number; lonDeg: number }}
          problem={problem}
          onChange={onChange}
        />
      );
    case 'sketch':
      return (
        <SketchLater label={f.label} value={value as ComponentProps<typeof SketchLater>['value']} onChange={onChange} />
      );
    case 'number':
      return (
        <SteppedNumber
          label={f.label}
          stepper={f.stepper}
          text={f.text}
          hint={f.hint}
          value={typeof value === 'number' ? value : f.unknown ? null : 0}
          unknown={f.unknown}
          from={f.from}
          problem={problem}
          onNumber={onChange}
          onTrouble={onTrouble}
        />
      );
  }
}

/** Nothing chosen. */
const NONE = 'none';
/** More choices than this are searched. */
const MANY = 12;

function ManyChoices({
  f,
  value,
  onChange,
}: {
  f: Extract<Field, { type: 'choice' }>;
  value: string | null;
  onChange: (v: string | null) => void;
}) {
  const [search, setSearch] = useState('');
  const all: Option<string>[] = f.none ? [{ value: NONE, title: f.none }, ...f.options] : f.options;
  const word = search.trim().toLowerCase();
  const found = all.filter((o) => o.value === value || o.title.toLowerCase().includes(word));
  return (
    <View style={{ gap: 8 }}>
      {all.length > MANY ? (
        <Find
          label={`${f.label}: find one`}
          placeholder={FIELD.findOne(all.length)}
          value={search}
          onChange={setSearch}
        />
      ) : null}
      <Choices label={f.label} options={found} value={value} onChange={(v) => onChange(v === NONE ? null : v)} />
      {word !== '' && found.every((o) => o.value === value) ? (
        <Say kind="label" tone="soft" role="status">
          {FIELD.noneOfThatName}
        </Say>
      ) : null}
    </View>
  );
}
