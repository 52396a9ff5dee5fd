import 'server-only';
import sharp from 'sharp';
import { isPhoto } from '@/web/photo';

/** The longest side of a photo that came from outside, as it is kept, and how hard it is pressed. */
const SIDE = 1600;
const QUALITY = 82;
/** A picture that claims more dots than this is not unfolded: a few bytes may unfold to gigabytes. */
const MOST_DOTS = 50_000_000;
// One picture at a time on one thread: the rest of the machine is for the shop.
sharp.concurrency(1);
sharp.cache(false);

/**
 * A photo drawn anew, upright and small, off the server's own thread: what it carried besides its picture (where it was
 * taken, anything hidden) is gone.
 * @returns a JPEG; null where the bytes are no picture, are cut off, or claim too much
 */
export async function smallPicture(bytes: Uint8Array, side = SIDE): Promise<Buffer | null> {
  if (!isPhoto(bytes)) return null;
  try {
    return await sharp(bytes, { limitInputPixels: MOST_DOTS, failOn: 'error' })
      .rotate()
      .resize(side, side, { fit: 'inside', withoutEnlargement: true })
      .flatten({ background: '#fff' })
      .jpeg({ quality: QUALITY })
      .timeout({ seconds: 20 })
      .toBuffer();
  } catch {
    return null;
  }
}
