/** How an owner keeps a finish: in a few words to choose by, and in a sentence for the slip. */
export type CareClassWords = { readonly name: string; readonly care: string };
