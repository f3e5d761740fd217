/** New ids, minted the moment the finger goes down. */
export const newId = (): string => globalThis.crypto.randomUUID();
