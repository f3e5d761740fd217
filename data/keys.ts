/** Every query key of the application. */
export const queryKeys = {
  ranking: (identity: string) => ['ranking', identity] as const,
  /** What the planner finds for the head of the ranking. */
  planHead: (identity: string) => ['plan-head', identity] as const,
  hour: (identity: string) => ['hour', identity] as const,
  lookBack: (identity: string) => ['look-back', identity] as const,
  choosing: (what: 'turns' | 'schools' | 'rods' | 'lacks' | 'every-kind', identity: string) =>
    ['choosing', what, identity] as const,
  plan: (identity: string, effort: 'first' | 'settled') => ['plan', identity, effort] as const,
  station: (id: string, hour: number, fault: string) => ['station', id, hour, fault] as const,
  dayLine: (identity: string) => ['day-line', identity] as const,
  below: (way: 'down' | 'behind', identity: string) => ['below', way, identity] as const,
  counted: (identity: string) => ['counted', identity] as const,
  assessment: (identity: string) => ['assessment', identity] as const,
};
