import 'server-only';
import { fail, ok, type Result } from '@/core/quantity';
import { hashOf, readKept } from '@/data/files';
import { photo as wording } from '@/messages/screens/web';

type Kind = { readonly type: string; readonly starts: readonly number[] };
/** What a photo's first bytes say it is; the rest of a data URL is not believed. */
const KINDS: readonly Kind[] = [
  { type: 'image/jpeg', starts: [0xff, 0xd8, 0xff] },
  { type: 'image/png', starts: [0x89, 0x50, 0x4e, 0x47] },
  { type: 'image/webp', starts: [0x52, 0x49, 0x46, 0x46] },
];
const kindOf = (bytes: Uint8Array): Kind | undefined => KINDS.find(({ starts }) => starts.every((byte, i) => bytes[i] === byte));

/** Whether bytes begin as a photo of a kind that is kept. */
export const isPhoto = (bytes: Uint8Array): boolean => kindOf(bytes) !== undefined;

/** A photo that was sent, and the hash it will be kept under once the record it belongs to was taken. */
export function photoOf(dataUrl: string): Result<{ readonly bytes: Uint8Array; readonly hash: string }> {
  const base64 = /^data:image\/(?:jpeg|png|webp);base64,([A-Za-z0-9+/=]+)$/.exec(dataUrl)?.[1];
  const bytes = base64 ? new Uint8Array(Buffer.from(base64, 'base64')) : null;
  return bytes && kindOf(bytes) ? ok({ bytes, hash: hashOf(bytes) }) : fail('not-a-photo', 'photoData');
}

/** A kept photo by its hash. */
export async function GET(request: Request): Promise<Response> {
  const kept = readKept(new URL(request.url).searchParams.get('hash') ?? '');
  if (kept.state === 'broken') return new Response(wording.thisPhotoWasDamaged, { status: 410 });
  const kind = kept.state === 'whole' ? kindOf(kept.bytes) : undefined;
  if (kept.state !== 'whole' || !kind) return new Response(wording.thereIsNoSuch, { status: 404 });
  return new Response(new Uint8Array(kept.bytes), {
    headers: {
      'content-type': kind.type,
      // A picture on a page is shown all the same; opened by itself it is kept as a file and never as a page of the shop.
      'content-disposition': `attachment; filename="photo.${kind.type.slice('image/'.length)}"`,
      'cache-control': 'private, max-age=31536000, immutable',
      'x-content-type-options': 'nosniff',
    },
  });
}
