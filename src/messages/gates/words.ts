/** What a gate asks, and what is said where it is not met. */
export type GateWords = { readonly name: string; readonly unmet: string };
