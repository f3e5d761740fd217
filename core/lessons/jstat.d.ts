declare module 'jstat' {
  interface Distribution {
    inv(p: number, a: number, b: number): number;
    cdf(x: number, a: number, b: number): number;
  }
  export const jStat: { gamma: Distribution; beta: Distribution };
}
