const PIECE = 0x8000;

/** A photo as a data address, as a record carries it to the shop. */
export async function photoData(photo: Blob): Promise<string> {
  const bytes = new Uint8Array(await photo.arrayBuffer());
  let text = '';
  for (let at = 0; at < bytes.length; at += PIECE) text += String.fromCharCode(...bytes.subarray(at, at + PIECE));
  return `data:${photo.type};base64,${btoa(text)}`;
}

/** A data address as a photo again; null where it is none. */
export function photoBlob(data: unknown): Blob | null {
  if (typeof data !== 'string') return null;
  const comma = data.indexOf(',');
  const head = data.slice(0, comma);
  if (comma < 0 || !head.startsWith('data:image/') || !head.endsWith(';base64')) return null;
  try {
    const text = atob(data.slice(comma + 1));
    return new Blob([Uint8Array.from(text, (letter) => letter.charCodeAt(0))], { type: head.slice(5, -7) });
  } catch {
    return null;
  }
}
