import 'server-only';
import QRCode from 'qrcode';

/** A code as a PNG data address, for the screen and the PDF alike. */
export const codePng = (text: string): Promise<string> =>
  QRCode.toDataURL(text, { margin: 0, errorCorrectionLevel: 'M', width: 600 });
