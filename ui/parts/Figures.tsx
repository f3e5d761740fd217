/**
 * Numbers in rows, as a table that a screen reader walks through: the library's own says nothing of its cells and cuts
 * long ones off.
 */
import { useWindowDimensions, View, type ViewStyle } from 'react-native';
import type { Table } from '../../wording/lessonTopics';
import { useTheme } from '../theme/theme';
import { Say } from './Say';

const TABLE = { display: 'table', width: '100%' } as unknown as ViewStyle;
const ROWS = { display: 'table-row-group' } as unknown as ViewStyle;
const ROW = { display: 'table-row' } as unknown as ViewStyle;
const CELL = { display: 'table-cell', verticalAlign: 'top' } as unknown as ViewStyle;

/** A column takes so much room at least, at usual text size. */
const COLUMN_PX = 56;

export function Figures(table: Table) {
  const { scale } = useTheme();
  const { width } = useWindowDimensions();
  const { label, head } = table;
  return (
    <View style={{ gap: 2 }}>
      <Say kind="labelStrong">{label}</Say>
      {head.length * COLUMN_PX * scale > width ? <Stacked {...table} /> : <Grid {...table} />}
    </View>
  );
}

/** Where columns would be cut off: one number below the other. */
function Stacked({ head, rows }: Table) {
  const { p } = useTheme();
  return (
    <View role="list">
      {rows.map((row, n) => (
        <View
          key={n}
          role="listitem"
          style={{ paddingVertical: 7, borderBottomWidth: p.stroke, borderBottomColor: p.rule }}
        >
          <Say kind="labelStrong">{row[0]}</Say>
          {row.slice(1).map((text, at) => (
            <Say key={at} kind="label">{`${head[at + 1]!}: ${text}`}</Say>
          ))}
        </View>
      ))}
    </View>
  );
}

function Grid({ label, head, rows }: Table) {
  const { p } = useTheme();
  const cell = (text: string, at: number, role: 'columnheader' | 'rowheader' | 'cell') => (
    <View
      key={at}
      role={role as never}
      style={[
        CELL,
        {
          paddingVertical: 7,
          paddingRight: at < head.length - 1 ? 8 : 0,
          borderBottomWidth: p.stroke,
          borderBottomColor: role === 'columnheader' ? p.edge : p.rule,
        },
      ]}
    >
      <Say kind={role === 'cell' ? 'label' : 'labelStrong'} tone={role === 'columnheader' ? 'soft' : 'ink'}>
        {text}
      </Say>
    </View>
  );
  return (
    <View role="table" aria-label={label} style={TABLE}>
      <View role="rowgroup" style={ROWS}>
        <View role="row" style={ROW}>
          {head.map((text, at) => cell(text, at, 'columnheader'))}
        </View>
      </View>
      <View role="rowgroup" style={ROWS}>
        {rows.map((row, n) => (
          <View key={n} role="row" style={ROW}>
            {row.map((text, at) => cell(text, at, at === 0 ? 'rowheader' : 'cell'))}
          </View>
        ))}
      </View>
    </View>
  );
}
