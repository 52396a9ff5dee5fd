import 'server-only';
import { renderPageAsImage } from 'unpdf';

const POINTS_PER_INCH = 72;

// The reader of PDF calls this on buffers; Node has it from version 21 on, and 20 is enough for everything else here.
type Transferable = { transferToFixedLength?: (this: ArrayBuffer, length?: number) => ArrayBuffer };
(ArrayBuffer.prototype as Transferable).transferToFixedLength ??= function transfer(this: ArrayBuffer, length = this.byteLength) {
  const to = new ArrayBuffer(length);
  new Uint8Array(to).set(new Uint8Array(this).subarray(0, length));
  return to;
};

/** One page of a PDF as a PNG, counted from 1, at so many dots an inch. */
export async function pdfPicture(pdf: Buffer, page: number, dpi: number): Promise<Buffer> {
  const picture = await renderPageAsImage(new Uint8Array(pdf), page, {
    canvasImport: () => import('@napi-rs/canvas'),
    scale: dpi / POINTS_PER_INCH,
  });
  return Buffer.from(picture);
}
