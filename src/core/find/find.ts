/** Something that can be found: what kind it is, its words with how much each part weighs, and when it is of. */
export type Findable = {
  readonly kind: 'batch' | 'note' | 'formula' | 'buyer' | 'lot' | 'guide';
  /** Where it stands: a number, an id. */
  readonly id: string;
  readonly at: number;
  /** Its parts: a name weighs more than a remark. */
  readonly parts: readonly { readonly text: string; readonly weight: number }[];
};

export type Found<F extends Findable> = {
  readonly of: F;
  /** The part that answers best: shown with the finding. */
  readonly says: string;
  readonly score: number;
};

/** Words that ask and say nothing of what is asked for. */
const ASKING = new Set(
  'a an and about all any are at by did do does for from had has have how i in is it made make me my of on or our that the them these this those to used was we were there what when where which who why with you'.split(
    ' ',
  ),
);

const plainly = (text: string): string => text.normalize('NFKD').replace(/\p{M}/gu, '').toLowerCase();

/** The stem a word is compared by: `bowls` and `bowl`, `finishes` and `finish` are one. */
const stem = (word: string): string =>
  /(?:sh|ch|x|ss)es$/.test(word) ? word.slice(0, -2) : word.length > 3 && /[^s]s$/.test(word) ? word.slice(0, -1) : word;

/** The words of a text, plain and stemmed. */
const wordsIn = (text: string): string[] =>
  plainly(text)
    .match(/[\p{L}\p{N}]+(?:[-/][\p{L}\p{N}]+)*/gu)
    ?.map(stem) ?? [];

/** What is asked for: the words of a question that name something; of a question of nothing but asking words, all of them. */
export function askedFor(question: string): readonly string[] {
  const all = wordsIn(question);
  const named = all.filter((word) => !ASKING.has(word));
  return [...new Set(named.length > 0 ? named : all)];
}

/** How well one word of a text answers one that is asked for: whole 1, its beginning less, its inside little. */
const answers = (word: string, asked: string): number =>
  word === asked ? 1 : word.startsWith(asked) && asked.length > 1 ? 0.7 : asked.length > 3 && word.includes(asked) ? 0.4 : 0;

/**
 * What answers a question, the best first: everything that is asked for must stand somewhere in it. Of two that answer alike the newer one
 * comes first. A mark such as `31-014` is one word, and its parts are words too.
 */
export function findIn<F extends Findable>(all: readonly F[], question: string): readonly Found<F>[] {
  const asked = askedFor(question);
  if (asked.length === 0) return [];
  return all
    .flatMap((of): Found<F>[] => {
      const parts = of.parts.map(({ text, weight }) => {
        const words = wordsIn(text).flatMap((word) => [word, ...(/[-/]/.test(word) ? word.split(/[-/]/) : [])]);
        return { text, scores: asked.map((one) => weight * Math.max(0, ...words.map((word) => answers(word, one)))) };
      });
      const best = asked.map((_, i) => Math.max(0, ...parts.map(({ scores }) => scores[i] ?? 0)));
      if (best.some((score) => score === 0)) return [];
      const sum = (scores: readonly number[]): number => scores.reduce((total, score) => total + score, 0);
      const says = [...parts].sort((a, b) => sum(b.scores) - sum(a.scores))[0]?.text ?? '';
      return [{ of, says, score: sum(best) }];
    })
    .sort((a, b) => b.score - a.score || b.of.at - a.of.at);
}
