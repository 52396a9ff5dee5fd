import { type Bearing, type BoardRead, type Corners, readBoard } from '@/core/colour';
import { fail, type Result } from '@/core/quantity';
import { serve } from './serve';

/** Reads the fields of a board in a picture, off the page's own thread. */
const face = {
  read: async (picture: Blob, parts: readonly (readonly [number, number])[], board: Bearing): Promise<Result<BoardRead>> => {
    const bitmap = await createImageBitmap(picture);
    const { width, height } = bitmap;
    const context = new OffscreenCanvas(width, height).getContext('2d', { willReadFrequently: true });
    if (!context) return fail('not-a-photo', 'photo');
    context.drawImage(bitmap, 0, 0);
    bitmap.close();
    const corners = parts.map(([x, y]) => [x * width, y * height]) as unknown as Corners;
    return readBoard(context.getImageData(0, 0, width, height), corners, board);
  },
};
export type BoardFace = typeof face;

serve(face);
