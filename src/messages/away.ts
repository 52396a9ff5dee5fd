/** What a device shows in place of the shop, where it may show nothing of it. */
export const AWAY_WORDS = {
  away: {
    head: 'This device is not let in',
    text: 'It shows nothing of the shop any more. Ask at the shop’s own machine for the passcode, bring this device where it reaches the shop, and open this page again.',
  },
  long: {
    head: 'The shop has not answered for seven days',
    text: 'What this device had kept of it is gone from here. Bring it where it reaches the shop, or ask at the shop’s own machine.',
  },
  none: {
    head: 'The shop does not answer',
    text: 'This page is not kept on this device. Go back to one that is, or try again when the shop can be reached.',
  },
} as const;
export type AwayWhy = keyof typeof AWAY_WORDS;

/** How many records a device holds that the shop does not have yet. */
export const waitingWords = (count: number, why: AwayWhy): string =>
  count === 0
    ? 'No record waits on it.'
    : `${count === 1 ? 'One record waits' : `${count} records wait`} on it, and ${count === 1 ? 'is' : 'are'} sent ${why === 'away' ? 'once it is let in again' : 'once the shop answers'}.`;
