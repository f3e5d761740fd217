/**
 * Casts, and events, by their block, each block's in the order they were stored. A change copies a list of a few, not
 * the log of many years.
 */
interface LogRow {
  readonly id: string;
  readonly blockId: string;
}

/** By the block's id; what was taken back stays in it. */
export type LogTable<T> = ReadonlyMap<string, readonly T[]>;

/** All of them, block by block. */
export const rowsIn = <T extends LogRow>(table: LogTable<T>): T[] => [...table.values()].flat();

/** The one with this id, wherever it lies. */
export function rowIn<T extends LogRow>(table: LogTable<T>, id: string): T | undefined {
  for (const rows of table.values()) {
    const found = rows.find((x) => x.id === id);
    if (found) return found;
  }
  return undefined;
}

/** Past so many rows it is quicker to write down once where each lies. */
const MANY = 20;

/** The same with these in it: each in the place of the one with its id, or at the end of its block. */
export function withRows<T extends LogRow>(table: LogTable<T>, rows: readonly T[]): LogTable<T> {
  if (rows.length === 0) return table;
  const next = new Map(table);
  const own = new Map<string, T[]>();
  /** The list of a block, to be written in. */
  const listOf = (blockId: string): T[] => {
    const mine = own.get(blockId) ?? [...(next.get(blockId) ?? [])];
    own.set(blockId, mine);
    next.set(blockId, mine);
    return mine;
  };
  const known =
    rows.length > MANY ? new Map([...next].flatMap(([block, of]) => of.map((x) => [x.id, block] as const))) : null;
  for (const row of rows) {
    const was = known ? known.get(row.id) : rowIn(next, row.id)?.blockId;
    known?.set(row.id, row.blockId);
    const list = listOf(row.blockId);
    const at = was === row.blockId ? list.findIndex((x) => x.id === row.id) : -1;
    if (at >= 0) list[at] = row;
    else list.push(row);
    if (was !== undefined && was !== row.blockId) {
      const left = listOf(was);
      left.splice(
        left.findIndex((x) => x.id === row.id),
        1,
      );
      if (left.length === 0) {
        next.delete(was);
        own.delete(was);
      }
    }
  }
  return next;
}
