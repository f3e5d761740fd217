declare module '*.ttf' {
  const asset: number;
  export default asset;
}

/** A sign of the package's: its shapes on a 24-unit square. */
declare module 'lucide/dist/esm/icons/*.mjs' {
  const sign: [tag: string, attrs: Record<string, string | number | undefined>][];
  export default sign;
}
