/** A letter as it leaves the shop. `id` is its own for ever: the same letter sent twice is the same letter. */
export type Letter = {
  readonly id: string;
  readonly from: string;
  readonly to: string;
  readonly subject: string;
  readonly text: string;
  readonly dateMs: number;
  /** Where one can say that no more are wanted. */
  readonly unsubscribe?: string | null;
};

/** The way out of the shop. `sendsTwice` says whether a letter that is given to it again would arrive again. */
export type Post = {
  readonly sendsTwice: boolean;
  /** @returns where the letter can be found, if anywhere. Throws when it was not taken. */
  readonly send: (letter: Letter) => Promise<string | null>;
};
