/** Bytes of a text file as text: UTF-8 or UTF-16 by their marks, else UTF-8, else Windows-1252. */
export function decodeText(bytes: Uint8Array): string {
  if (bytes[0] === 0xff && bytes[1] === 0xfe) return new TextDecoder('utf-16le').decode(bytes);
  if (bytes[0] === 0xfe && bytes[1] === 0xff) return new TextDecoder('utf-16be').decode(bytes);
  try {
    return new TextDecoder('utf-8', { fatal: true }).decode(bytes);
  } catch {
    return new TextDecoder('windows-1252').decode(bytes);
  }
}

/** Whether bytes are something other than text: a spreadsheet, an archive, a picture. */
export const looksBinary = (bytes: Uint8Array): boolean => {
  const utf16 =
    (bytes[0] === 0xff && bytes[1] === 0xfe) || (bytes[0] === 0xfe && bytes[1] === 0xff);
  return !utf16 && bytes.subarray(0, 4096).includes(0);
};
