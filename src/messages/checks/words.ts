/** A check as it is chosen, how it is made, and what passing and failing look like. */
export type CheckWords = { readonly name: string; readonly how: string; readonly pass: string; readonly fail: string };
