import 'server-only';
import { readKept } from '@/data/files';
import { smallPicture } from '@/web/small-picture';

/** So many small photos are kept ready. */
const MOST = 60;
const ready = new Map<string, string | null>();

/**
 * A kept photo, no longer than so many dots on its longest side, as a data address of a JPEG: for paper and for pages that fetch nothing.
 * Null where it is gone or is no picture.
 */
export async function smallPhoto(hash: string, side: number): Promise<string | null> {
  const key = `${hash} ${side}`;
  const known = ready.get(key);
  if (known !== undefined) return known;
  const kept = readKept(hash);
  const small = kept.state === 'whole' ? await smallPicture(kept.bytes, side) : null;
  const made = small && `data:image/jpeg;base64,${small.toString('base64')}`;
  if (ready.size >= MOST) ready.delete(ready.keys().next().value ?? '');
  ready.set(key, made);
  return made;
}
