/** What can happen, and what is usually done about it. */
export type CautionWords = { readonly head: string; readonly text: string };
