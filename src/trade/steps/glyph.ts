/** A step as a sign in a box of 24: what is filled, and what is drawn over it. */
export type Glyph = { readonly fill?: string; readonly line?: string };
