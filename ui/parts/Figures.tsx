/**
 * Numbers in rows, as a table that a screen reader walks through: the library's own says nothing of its cells and cuts
 * long ones off.
 */
import { View, type ViewStyle } from 'react-native';
import type { Table } from '../../wording/lessonTopics';
import { useTheme } from '../theme/theme';
import { Say } from './Say';

const TABLE = { display: 'table', width: '100%' } as unknown as ViewStyle;
const ROWS = { display: 'table-row-group' } as unknown as ViewStyle;
const ROW = { display: 'table-row' } as unknown as ViewStyle;
const CELL = { display: 'table-cell', verticalAlign: 'top' } as unknown as ViewStyle;

export function Figures({ label, head, rows }: Table) {
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
    <View style={{ gap: 2 }}>
      <Say kind="labelStrong" role="none">
        {label}
      </Say>
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
    </View>
  );
}
