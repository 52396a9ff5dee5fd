import 'server-only';
import QRCode from 'qrcode';

/** A code as SVG for the screen. */
export const codeSvg = (text: string): Promise<string> => QRCode.toString(text, { type: 'svg', margin: 0, errorCorrectionLevel: 'M' });

/** A code as a PNG data address for the PDF. */
export const codePng = (text: string): Promise<string> => QRCode.toDataURL(text, { margin: 0, errorCorrectionLevel: 'M', width: 600 });
