/** What it is called, and what to do where no step of the batch mends it. */
export type FaultWords = { readonly name: string; readonly advice: string };
