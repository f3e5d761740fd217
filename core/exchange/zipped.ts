/** Whether a file's bytes begin as a ZIP does. */
export const beginsAsZip = (bytes: Uint8Array): boolean => bytes[0] === 0x50 && bytes[1] === 0x4b;
