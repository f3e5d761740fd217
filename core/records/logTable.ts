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

/** Takes rows in one by one: each in the place of the one with its id, or at the end of its block. */
interface Filling<T> {
  add: (row: T) => void;
  table: LogTable<T>;
}

function fillingBy<T extends LogRow>(
  start: LogTable<T>,
  blockOf: (id: string) => string | undefined,
  moved: (row: T) => void,
): Filling<T> {
  const table = new Map(start);
  const own = new Map<string, T[]>();
  /** The list of a block, to be written in. */
  const listOf = (blockId: string): T[] => {
    let mine = own.get(blockId);
    if (mine) return mine;
    mine = [...(table.get(blockId) ?? [])];
    own.set(blockId, mine);
    table.set(blockId, mine);
    return mine;
  };
  const leave = (blockId: string, id: string): void => {
    const left = listOf(blockId);
    left.splice(
      left.findIndex((x) => x.id === id),
      1,
    );
    if (left.length > 0) return;
    table.delete(blockId);
    own.delete(blockId);
  };
  const add = (row: T): void => {
    const was = blockOf(row.id);
    moved(row);
    const list = listOf(row.blockId);
    const at = was === row.blockId ? list.findIndex((x) => x.id === row.id) : -1;
    if (at >= 0) list[at] = row;
    else list.push(row);
    if (was !== undefined && was !== row.blockId) leave(was, row.id);
  };
  return { add, table };
}

/** Filled from nothing: where each lies is written down as it comes. */
export function filling<T extends LogRow>(start: LogTable<T> = new Map<string, readonly T[]>()): Filling<T> {
  const known = new Map([...start].flatMap(([block, of]) => of.map((x) => [x.id, block] as const)));
  return fillingBy(
    start,
    (id) => known.get(id),
    (row) => known.set(row.id, row.blockId),
  );
}

/** Past so many rows it is quicker to write down once where each lies. */
const MANY = 20;

/** The same with these in it. */
export function withRows<T extends LogRow>(table: LogTable<T>, rows: readonly T[]): LogTable<T> {
  if (rows.length === 0) return table;
  const f: Filling<T> =
    rows.length > MANY
      ? filling(table)
      : fillingBy(
          table,
          (id) => rowIn(f.table, id)?.blockId,
          () => undefined,
        );
  rows.forEach(f.add);
  return f.table;
}
