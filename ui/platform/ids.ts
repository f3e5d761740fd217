/** New ids, minted the moment the finger goes down. */
export const newId = (): string =>
  globalThis.crypto.randomUUID?.() ?? uuidOf(globalThis.crypto.getRandomValues(new Uint8Array(16)));

/**
 * A version 4 UUID (RFC 9562) of sixteen random bytes, for pages that do not come over HTTPS: browsers withhold
 * `randomUUID` there.
 */
export function uuidOf(random: Uint8Array): string {
  const b = Uint8Array.from(random);
  b[6] = (b[6]! & 0x0f) | 0x40;
  b[8] = (b[8]! & 0x3f) | 0x80;
  const hex = [...b].map((x) => x.toString(16).padStart(2, '0')).join('');
  return hex.replace(/^(.{8})(.{4})(.{4})(.{4})(.{12})$/, '$1-$2-$3-$4-$5');
}
