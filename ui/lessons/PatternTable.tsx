/** Wide: the patterns as a table in any order, the one that is chosen told above it. */
import { useState } from 'react';
import { View } from 'react-native';
import type { Pattern } from '../../core/lessons/patterns';
import { sortedPatterns, type PatternOrder } from '../../core/lessons/sorted';
import { PATTERN_COLUMN, patternName, per100Text } from '../../wording/lessons';
import { say } from '../../wording/units';
import { SortTable, type Column } from '../parts/SortTable';
import { useWide } from '../shell/useWide';
import { useTheme } from '../theme/theme';
import { PatternRow } from './PatternRow';

function PatternTable({ patterns, highest }: { patterns: readonly Pattern[]; highest: number }) {
  const { units } = useTheme();
  const [by, setBy] = useState<{ order: PatternOrder; up: boolean } | null>(null);
  const [picked, setPicked] = useState<string | null>(null);
  const sorted = sortedPatterns(patterns, by);
  const chosen = sorted.find((x) => x.presentation === picked) ?? sorted[0];
  const number = (order: PatternOrder, title: string, cell: (x: Pattern) => string): Column<Pattern, PatternOrder> => ({
    order,
    title,
    number: true,
    cell,
  });
  const columns: readonly Column<Pattern, PatternOrder>[] = [
    { order: 'name', title: PATTERN_COLUMN.name, cell: patternName },
    number('depth', PATTERN_COLUMN.depth, (x) => say.depthBand(x.bandM, units)),
    number('casts', PATTERN_COLUMN.casts, (x) => String(x.casts)),
    number('strikes', PATTERN_COLUMN.strikes, (x) => String(x.strikes)),
    number('landed', PATTERN_COLUMN.landed, (x) => String(x.landed)),
    number('rate', PATTERN_COLUMN.rate, per100Text),
  ];
  return (
    <View style={{ gap: 14 }}>
      {chosen ? <PatternRow key={chosen.presentation} x={chosen} highest={highest} startOpen /> : null}
      <SortTable
        label={PATTERN_COLUMN.table}
        columns={columns}
        rows={sorted}
        keyOf={(x) => x.presentation}
        nameOf={patternName}
        by={by}
        // Numbers are first wanted from the largest down.
        onOrder={(order) => setBy({ order, up: by?.order === order ? !by.up : order === 'name' })}
        chosen={chosen?.presentation ?? null}
        onChoose={(x) => setPicked(x.presentation)}
      />
    </View>
  );
}

/** The patterns: on a phone one below the other, wide as the table. */
export function Patterns(props: { patterns: readonly Pattern[]; highest: number }) {
  const wide = useWide();
  if (wide) return <PatternTable {...props} />;
  return (
    <View>
      {props.patterns.map((x) => (
        <PatternRow key={x.presentation} x={x} highest={props.highest} />
      ))}
    </View>
  );
}
