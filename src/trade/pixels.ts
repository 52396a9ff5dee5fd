import 'server-only';
import sharp from 'sharp';
import type { Pixels } from '@/core/colour';
import { isPhoto } from '@/web/photo';

/** A picture that claims more dots than this is not unfolded. */
const MOST_DOTS = 12_000_000;

/** A photo unfolded into its dots; null where the bytes are no picture, are cut off, or claim too much. */
export async function pixelsOf(bytes: Uint8Array): Promise<Pixels | null> {
  if (!isPhoto(bytes)) return null;
  try {
    const { data, info } = await sharp(bytes, { limitInputPixels: MOST_DOTS, failOn: 'error' })
      .toColourspace('srgb')
      .ensureAlpha()
      .raw()
      .timeout({ seconds: 20 })
      .toBuffer({ resolveWithObject: true });
    return { data, width: info.width, height: info.height };
  } catch {
    return null;
  }
}
