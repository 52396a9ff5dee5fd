import 'server-only';
import path from 'node:path';
import { Font } from '@react-pdf/renderer';

const FONTS = path.join(process.cwd(), 'assets', 'fonts');
export const FONT_FILES = [
  { src: path.join(FONTS, 'Archivo_400Regular.ttf'), fontWeight: 400 },
  { src: path.join(FONTS, 'Archivo_600SemiBold.ttf'), fontWeight: 600 },
  { src: path.join(FONTS, 'Archivo_700Bold.ttf'), fontWeight: 700 },
] as const;

let isRegistered = false;

/** The shipped font for what is printed; words are never broken. */
export function registerFonts(): void {
  if (isRegistered) return;
  Font.register({ family: 'Archivo', fonts: [...FONT_FILES] });
  Font.registerHyphenationCallback((word) => [word]);
  isRegistered = true;
}
