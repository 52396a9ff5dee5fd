export const bottles = {
  bottlesAndRefills: 'Bottles and refills',
  piece: 'piece',
  pieces: 'pieces',
  outThere: (pieces: number, part: string) => `${pieces} ${part} out there`,
  wantedInDays: (grams: string, refillDays: number) => `${grams} wanted in ${refillDays} days`,
  noTinThatRenews: '▲ No tin that renews it: sold out. ',
  onlyInTins: (grams: string) => `▲ Only ${grams} in tins: `,
  inTins: (grams: string) => `${grams} in tins: `,
  pourMore: 'Pour more',
  wantedIsWhatEvery:
    'Wanted is what every owner would use who looks on the day and treats; few do all of it. Estimates from area and wood.',
};

export const calendar = {
  ownersLooks: 'Owners’ looks',
  oneOwnersLook: 'One owner’s look',
  ownersLooks2: (count: number) => `${count} owners’ looks`,
};

export const care = {
  care: 'Care',
  releasedToSell: 'Released, to sell',
  nothingIsReleasedAnd: 'Nothing is released and unsold. Batches come here from Cure and release.',
  left: (batch: string, left: number) => `${batch}, ${left} left`,
  sell: 'Sell',
  soldOwnersLooksDue: 'Sold: owners’ looks due this week first ',
  byLookOrBy: 'by look or by date: ',
  whatComesBack: 'What comes back',
  looksAsACalendar: 'Looks as a calendar',
  noPieceHasBeen: 'No piece has been sold yet.',
  noLookOfA: (soonDays: number) => `No look of a known owner is due within ${soonDays} days.`,
  piece: 'piece',
  pieces: 'pieces',
  nextLook: (next: string) => `next look ${next}`,
  noDates: 'no dates',
  buyerNotNoted: 'buyer not noted',
  sold: (soldOn: string) => `sold ${soldOn}`,
  nextLook2: (nextDue: string) => `next look ${nextDue}`,
  slip: 'Slip',
};

export const backChart = {
  greySoldHatchedSomething: (words: string) => `Grey: sold. Hatched: something said to be wrong. Full: came back. ${words}`,
};

export const ownerTools = {
  didNotGo: (failed: number) => `, ${failed} did not go`,
  sendWhatIsDue: 'Send what is due',
  whatIsKeptOf: 'What is kept of this person',
  calendarOfAllTheir: 'Calendar of all their pieces',
  forgetThisPerson: 'Forget this person',
  nameAddressLettersAnd:
    'Name, address, letters and what they wrote go for good. The piece, its sale and the trace stay, without a name. Older backups still hold them: delete those you no longer need.',
  forgetForGood: 'Forget for good',
  sendAll: (count: number) => `Send all ${count}`,
  sendIt: 'Send it',
  throwAllAway: 'Throw all away',
  throwAway: 'Throw away',
  tryAgain: 'Try again',
  nowAndThen: 'now and then',
  washedByHand: 'washed by hand',
  leftInWater: 'left in water',
  whereAndHowIt: 'Where and how it lives',
  theLooksToCome: 'The looks to come are reckoned anew: dry winter rooms want them sooner.',
  country: 'Country',
  lettersAndPageIn: 'Letters and page in',
  cleaned: 'Cleaned',
  whoHasIt: 'Who has it',
  whoHasItNow: 'Who has it now',
  lettersGoThereFrom: 'Letters go there from now on. The sale and the trace stay with who bought it.',
  mayStayEmpty: 'may stay empty',
  addressForReminders: 'Address for reminders',
  onlyIfTheyWant: 'only if they want letters',
  writeDown: 'Write down',
  whatWasSaidOf: 'What was said of it, or came of it',
  what: 'What',
  somethingIsWrong: 'something is wrong',
  itCameBack: 'it came back',
  itIsNoMore: 'it is no more',
  inAFewWords: 'In a few words',
  aRefillForThis: 'A refill for this piece',
  itLeavesTheShop: 'It leaves the shop',
  whichTin: 'Which tin',
  forIt: (currency: string) => `For it (${currency})`,
  emptyGivenAway: 'empty: given away',
  on: 'On',
  noTinThatRenews: 'No tin that renews it is left.',
};

export const letters = {
  aDraft: 'a draft',
  isBeingSent: 'is being sent',
  didNotGo: 'did not go',
  takenBack: 'taken back',
  ownersSaid: 'Owners said',
  photo: 'photo',
  letter: 'Letter',
  about: 'About',
  to: 'To',
  addressErased: 'address erased',
  when: 'When',
  letters: 'Letters',
  aLookIsWritten: (from: string, until: string) =>
    `A look is written about once, to owners who left an address; what goes to one address goes as one letter. Nobody is written to between ${from} and ${until}. Without a mail server each letter is a file in the folder “outbox” beside the shop’s file.`,
  whatItSays: 'What it says',
  draftsWaitToBe: (count: number) => `${count} drafts wait to be read; nothing of them goes before.`,
};

export const ownerRoute = {
  nobodyIsKeptUnder: 'Nobody is kept under this number.',
};

export const returns = {
  ofTooFewTo: (part: number, part2: number) => `${part} of ${part2}: too few to say`,
  ofLikelyTo: (part: number, part2: number, low: string, high: string) => `${part} of ${part2}, likely ${low} to ${high}`,
  finishAndWood: 'Finish and wood',
  sold: 'Sold',
  somethingWrong: 'Something wrong',
  cameBack: 'Came back',
  reOiledEvery: 'Re-oiled every',
  nobodySaid: 'nobody said',
  times: (gaps: number) => `${gaps} times`,
  daysSaid: (everyDays: number, gaps: string) => `${everyDays} days, said ${gaps}`,
  care: 'Care',
  whatComesBack: 'What comes back',
  nothingHasBeenSold: 'Nothing has been sold yet; then this page tells how it went.',
  inMonthsSoldTimes: (months: number, part: number, part2: number, part3: number) =>
    `In ${months} months ${part} sold, ${part2} times something said to be wrong, ${part3} came back.`,
  spansHoldTheTrue: (few: number, years: number) =>
    `What was sold in the last ${years} years is counted. Spans hold the true share four times in five. Under ${few} pieces a share is not worth acting on. Owners who are content seldom write, so what is wrong is counted more surely than what is well.`,
};

export const careCareRoutes = {
  thereIsNoPiece: 'There is no piece with this code.',
};

export const slipPage = {
  hasNoNameIn: (name: string, language: string) => `${name} has no name in ${language}: the slip says it as it is.`,
  slip: 'Slip ',
  noOwnerIsNoted: 'No owner is noted.',
  thePieceIsNo: ' The piece is no more.',
  lettersAreStopped: ' Letters are stopped.',
  lettersToThisAddress: '▲ Letters to this address come back. Enter another under “Who has it”.',
  asPdf: (size: string) => `${size} as PDF`,
  setInPtAs: (pt: string) => `Set in ${pt} pt, as large as fits; shown as it prints. `,
  theCodeLeadsTo: (address: string | null) => `The code leads to ${address}.`,
  theCodeHoldsThe:
    'The code holds the short care text itself. Once the shop has a public base address (under the shop’s name), it leads to the owner’s page.',
  thePieceAndWhat: 'The piece, and what to do if something is wrong',
  theOwnersPage: 'The owner’s page',
  theSameAsA: 'The same as a file',
  datesForACalendar: 'Dates for a calendar',
  brings: (brings: string) => `, brings ${brings}`,
  leftTreatmentsOf: (size: string, title: string, left: number, treatments: number, grams: string, brings: string) =>
    `${size}, ${title}, ${left} left, ${treatments} treatments of ${grams}${brings}`,
  size: 'Size',
  language: 'Language',
  onTheBack: 'On the back',
  setItSo: 'Set it so',
  whatWasSaidOf: 'What was said of it',
  photo: 'photo',
  looks: 'Looks',
  noneAreDue: 'None are due.',
};
