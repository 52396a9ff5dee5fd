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
  declarations: [
    { prop: 'font-stretch', value: '62% 125%' },
    // As the font's makers part it: a sign that is in neither is not asked of either.
    {
      prop: 'unicode-range',
      value:
        'U+0100-02BA,U+02BD-02C5,U+02C7-02CC,U+02CE-02D7,U+02DD-02FF,U+0304,U+0308,U+0329,U+1D00-1DBF,U+1E00-1E9F,U+1EF2-1EFF,U+2020,U+20A0-20AB,U+20AD-20C0,U+2113,U+2C60-2C7F,U+A720-A7FF',
    },
  ],
});

export const fontClasses = `${latin.variable} ${latinExt.variable}`;
