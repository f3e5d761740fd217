/**
 * Rows in columns, put in order by a press on a column's head, one of them chosen. Of our own, on the library's
 * pressable: the library's table tells a screen reader nothing of its cells and cuts large text off.
 */
import type { ReactNode } from 'react';
import { View, type ViewStyle } from 'react-native';
import { useTheme } from '../theme/theme';
import { Glyph } from './Glyph';
import { Press } from './Press';
import { Say } from './Say';
import { SHELL } from '../../wording/pages/shell';

const TABLE = { display: 'table', width: '100%', borderSpacing: 0 } as unknown as ViewStyle;
const ROWS = { display: 'table-row-group' } as unknown as ViewStyle;
const ROW = { display: 'table-row' } as unknown as ViewStyle;
const CELL = { display: 'table-cell' } as unknown as ViewStyle;
/** As high as what is pressed beside it, its text in the middle. */
const MIDDLE: ViewStyle = { minHeight: 48, justifyContent: 'center' };

export interface Column<Row, Order extends string> {
  /** What is sorted by it; null: it is in no order. */
  order: Order | null;
  title: string;
  /** Numbers stand to the right. */
  number?: boolean;
  /** A text, or something of its own. */
  cell: (row: Row) => string | ReactNode;
}

export interface SortTableProps<Row, Order extends string> {
  label: string;
  columns: readonly Column<Row, Order>[];
  rows: readonly Row[];
  keyOf: (row: Row) => string;
  /** The row's name, which stands in its first column of text and opens it. */
  nameOf: (row: Row) => string;
  by: { order: Order; up: boolean } | null;
  /** A head was pressed: in its order, then the other way round. */
  onOrder: (order: Order) => void;
  chosen: string | null;
  onChoose: (row: Row) => void;
}

export function SortTable<Row, Order extends string>({
  label,
  columns,
  rows,
  keyOf,
  nameOf,
  by,
  onOrder,
  chosen,
  onChoose,
}: SortTableProps<Row, Order>) {
  const { p, scale } = useTheme();
  // A figure keeps to one line, where there is room for it.
  const line = scale <= 1.25 ? ({ whiteSpace: 'nowrap' } as object) : null;
  const cell = (at: number): ViewStyle => ({
    ...CELL,
    paddingVertical: 0,
    paddingLeft: at === 0 ? 4 : 10,
    borderBottomColor: p.rule,
    borderBottomWidth: p.stroke,
  });
  return (
    <View role="table" aria-label={label} style={TABLE}>
      <View role="rowgroup" style={ROWS}>
        <View role="row" style={ROW}>
          {columns.map(({ order, title, number }, at) => {
            const sorted = order !== null && by?.order === order ? (by.up ? 'ascending' : 'descending') : 'none';
            return (
              <View
                key={title}
                role={'columnheader' as never}
                {...({ 'aria-sort': order === null ? undefined : sorted } as object)}
                style={[cell(at), { borderBottomColor: p.edge }]}
              >
                {order === null ? (
                  <View style={MIDDLE}>
                    <Say kind="labelStrong" tone="soft">
                      {title}
                    </Say>
                  </View>
                ) : (
                  <Press label={SHELL.inOrderOf(title)} onPress={() => onOrder(order)}>
                    <View
                      style={{
                        flexDirection: 'row',
                        alignItems: 'center',
                        gap: 4,
                        justifyContent: number ? 'flex-end' : 'flex-start',
                      }}
                    >
                      <Say kind="labelStrong" tone={sorted === 'none' ? 'soft' : 'ink'}>
                        {title}
                      </Say>
                      {sorted === 'none' ? null : (
                        <Glyph name={sorted === 'ascending' ? 'up' : 'down'} size={16} color={p.ink} />
                      )}
                    </View>
                  </Press>
                )}
              </View>
            );
          })}
        </View>
      </View>
      <View role="rowgroup" style={ROWS}>
        {rows.map((row) => {
          const key = keyOf(row);
          return (
            <View
              key={key}
              role="row"
              {...({ 'aria-current': chosen === key ? 'true' : undefined } as object)}
              style={[ROW, chosen === key ? { backgroundColor: p.mossWash } : null]}
            >
              {columns.map((c, at) => {
                const shown = c.cell(row);
                const name = nameOf(row);
                return (
                  <View key={c.title} role={(shown === name ? 'rowheader' : 'cell') as never} style={cell(at)}>
                    {shown === name ? (
                      <Press label={SHELL.showBeside(name)} onPress={() => onChoose(row)}>
                        <Say kind="strong">{name}</Say>
                      </Press>
                    ) : typeof shown === 'string' ? (
                      <View style={[MIDDLE, c.number ? { alignItems: 'flex-end' } : null]}>
                        <Say kind="label" style={c.number ? line : null}>
                          {shown}
                        </Say>
                      </View>
                    ) : (
                      shown
                    )}
                  </View>
                );
              })}
            </View>
          );
        })}
      </View>
    </View>
  );
}
