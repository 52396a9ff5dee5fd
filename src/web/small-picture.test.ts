import { createCanvas, loadImage } from '@napi-rs/canvas';
import { describe, expect, it } from 'vitest';
import { smallPicture } from './small-picture';

function drawn(width: number, height: number) {
  const canvas = createCanvas(width, height);
  const pen = canvas.getContext('2d');
  pen.fillStyle = '#c33';
  pen.fillRect(0, 0, width, height);
  return canvas;
}
/** A JPEG with a part of its own that tells where it was taken. */
function withPlace(jpeg: Buffer): Buffer {
  const words = Buffer.from('Exif\0\0GPS 59.3 N 18.1 E');
  const part = Buffer.concat([Buffer.from([0xff, 0xe1, 0, words.length + 2]), words]);
  return Buffer.concat([jpeg.subarray(0, 2), part, jpeg.subarray(2)]);
}

describe('a photo from outside', () => {
  it('is drawn anew, small, and without what it carried besides', async () => {
    const from = withPlace(drawn(3200, 2400).toBuffer('image/jpeg'));
    expect(from.includes('GPS')).toBe(true);
    const small = await smallPicture(from);
    const picture = await loadImage(Buffer.from(small ?? []));
    expect([picture.width, picture.height]).toEqual([1600, 1200]);
    expect(small?.includes('GPS')).toBe(false);
    expect(small?.subarray(0, 3)).toEqual(Buffer.from([0xff, 0xd8, 0xff]));
  });
  it('may be a PNG or WebP, and is never made larger', async () => {
    for (const bytes of [drawn(300, 40).toBuffer('image/png'), drawn(300, 40).toBuffer('image/webp')]) {
      const picture = await loadImage(Buffer.from((await smallPicture(bytes)) ?? []));
      expect([picture.width, picture.height]).toEqual([300, 40]);
    }
  });
  it('is none where it is cut off, claims more than can be opened, or is something else', async () => {
    const png = drawn(60, 40).toBuffer('image/png');
    const bomb = Buffer.from(png);
    bomb.writeUInt32BE(60_000, 16);
    bomb.writeUInt32BE(60_000, 20);
    const jpeg = drawn(60, 40).toBuffer('image/jpeg');
    for (const bytes of [
      bomb,
      png.subarray(0, 30),
      jpeg.subarray(0, 40),
      Buffer.from('<svg onload=x>'),
      Buffer.from('%PDF-1.7'),
      Buffer.alloc(0),
      Buffer.from([0xff, 0xd8, 0xff]),
      Buffer.from([0xff, 0xd8, 0xff, 0xe1, 0, 0, 0, 0, 0, 0, 0, 0]),
      Buffer.from('RIFF    WEBPVP8X'),
      Buffer.alloc(40, 0xff),
    ])
      expect(await smallPicture(bytes)).toBeNull();
  });
});
