'use client';

/** The longest side of a kept photo, pixels, and how hard it is pressed. */
const SIDE = 1280;
const QUALITY = 0.8;
/** How hard one is pressed that a colour is read from: a harder one shifts it by more than an eye sees. */
const MEASURED_QUALITY = 0.95;

/** A small photo, and the address under which this page shows it. */
export type SmallPhoto = { readonly blob: Blob; readonly shown: string };

/** A photo made small enough to keep on this device until the shop's file has it; null where it cannot be read as a picture. */
export async function takenPhoto(file: File, isMeasured = false): Promise<SmallPhoto | null> {
  try {
    const bitmap = await createImageBitmap(file);
    const scale = Math.min(1, SIDE / Math.max(bitmap.width, bitmap.height));
    const canvas = document.createElement('canvas');
    canvas.width = Math.max(1, Math.round(bitmap.width * scale));
    canvas.height = Math.max(1, Math.round(bitmap.height * scale));
    canvas.getContext('2d')?.drawImage(bitmap, 0, 0, canvas.width, canvas.height);
    bitmap.close();
    const blob = await new Promise<Blob | null>((done) =>
      canvas.toBlob(done, 'image/jpeg', isMeasured ? MEASURED_QUALITY : QUALITY),
    );
    return blob && { blob, shown: URL.createObjectURL(blob) };
  } catch {
    return null;
  }
}
