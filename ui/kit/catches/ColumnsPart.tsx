/** Which column tells what, in which units and in which order of dates: as it was guessed, to be put right. */
import { View } from 'react-native';
import { CATCH_FIELDS, CATCH_UNITS, NEEDED, QUANTITIES, type CatchField } from '../../../core/exchange/catches/fields';
import type { ToldOfCatches } from '../../../core/exchange/catches/kept';
import type { CatchSight } from '../../../workers/files';
import {
  CATCHES_PAGE,
  columnText,
  FIELD_TEXT,
  fieldText,
  quantityText,
  UNIT_TEXT,
} from '../../../wording/pages/catches';
import { Note, Part } from '../../parts/Box';
import { Choices } from '../../parts/Buttons';
import { Disclosure } from '../../parts/Disclosure';
import { Say } from '../../parts/Say';

const NOWHERE = '';

interface ColumnsProps {
  look: CatchSight;
  told: ToldOfCatches;
  asLast: boolean;
  tell: (more: Partial<ToldOfCatches>) => void;
}

export function ColumnsPart({ look, told, asLast, tell }: ColumnsProps) {
  const used = CATCH_FIELDS.filter((f) => look.mapping[f] !== undefined);
  const unused = look.columns.filter((c) => !used.some((f) => look.mapping[f] === c));
  const missing = NEEDED.filter((f) => look.mapping[f] === undefined);
  const date = look.examples[look.mapping.date ?? ''] ?? '';
  const take = (field: CatchField, column: string): void => {
    // One column tells one thing.
    const rest = Object.entries(look.mapping).filter(([f, c]) => f !== field && c !== column);
    tell({ mapping: Object.fromEntries(column === NOWHERE ? rest : [...rest, [field, column]]) });
  };
  const others = CATCH_FIELDS.filter((f) => !used.includes(f) && !missing.includes(f));
  const row = (f: CatchField) => (
    <Disclosure key={f} title={fieldText(f, look)} startOpen={missing.includes(f)}>
      <Choices
        label={FIELD_TEXT[f]}
        options={[
          ...look.columns.map((c) => ({ value: c, title: columnText(c) })),
          { value: NOWHERE, title: CATCHES_PAGE.notTold },
        ]}
        value={look.mapping[f] ?? NOWHERE}
        onChange={(c) => take(f, c)}
      />
    </Disclosure>
  );
  return (
    <Part title={CATCHES_PAGE.columns}>
      {asLast ? (
        <Say kind="label" tone="moss">
          {CATCHES_PAGE.asLast}
        </Say>
      ) : null}
      {missing.length > 0 ? <Note>{CATCHES_PAGE.missing(missing)}</Note> : null}
      <View>{[...missing, ...used].map(row)}</View>
      {unused.length > 0 ? (
        <Say kind="label" tone="soft">
          {CATCHES_PAGE.unused(unused.map(columnText))}
        </Say>
      ) : null}
      {QUANTITIES.filter((q) => look.mapping[q] !== undefined && !look.named.includes(q)).map((q) => (
        <View key={q} style={{ gap: 4 }}>
          <Say kind="strong">{quantityText(q)}</Say>
          <Choices
            label={quantityText(q)}
            options={Object.keys(CATCH_UNITS[q]).map((u) => ({ value: u, title: UNIT_TEXT[u]! }))}
            value={told.units[q]}
            onChange={(unit) => tell({ units: { ...told.units, [q]: unit } })}
          />
        </View>
      ))}
      {!look.orderTold && date !== '' && !/^\d{4}/.test(date) ? (
        <View style={{ gap: 4 }}>
          <Say kind="strong">{CATCHES_PAGE.dates(date)}</Say>
          <Choices
            label={CATCHES_PAGE.dates(date)}
            options={[
              { value: 'day-first', title: CATCHES_PAGE.dayFirst },
              { value: 'month-first', title: CATCHES_PAGE.monthFirst },
            ]}
            value={told.order}
            onChange={(order) => tell({ order })}
          />
        </View>
      ) : null}
      {others.length > 0 ? <Disclosure title={CATCHES_PAGE.others}>{others.map(row)}</Disclosure> : null}
    </Part>
  );
}
