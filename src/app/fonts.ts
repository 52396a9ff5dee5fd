import localFont from 'next/font/local';

/**
 * The shipped font. It is fetched with the page and drawn only if it is there in time, so that nothing moves once it comes; from then on
 * the device has it.
 */
const latin = localFont({
  src: '../../node_modules/@fontsource-variable/archivo/files/archivo-latin-wdth-normal.woff2',
  display: 'optional',
  adjustFontFallback: false,
  variable: '--font-latin',
  weight: '100 900',
  declarations: [{ prop: 'font-stretch', value: '62% 125%' }],
});
/** Letters of other Latin alphabets; fetched when one stands on a page. */
const latinExt = localFont({
  src: '../../node_modules/@fontsource-variable/archivo/files/archivo-latin-ext-wdth-normal.woff2',
  display: 'swap',
  preload: false,
  adjustFontFallback: false,
  variable: '--font-latin-ext',
  weight: '100 900',
  declarations: [{ prop: 'font-stretch', value: '62% 125%' }],
});

export const fontClasses = `${latin.variable} ${latinExt.variable}`;
