export const restoreRestoreActions = {
  pieceFromElsewhere: 'piece from elsewhere',
};

export const goneBack = {
  itWentBack: 'It went back',
  backToItsOwner: 'Back to its owner',
  billed: 'Billed',
  emptyForNothing: '35,00; empty for nothing',
};

export const restoreForm = {
  aPiece: 'a piece',
  codeOnItsSlip: 'Code on its slip',
  emptyForAStrangers: 'empty for a stranger’s piece',
  whoseItIs: 'Whose it is',
  itIs: 'It is',
  itsSurfaceIsReckoned: 'its surface is reckoned from it',
  somethingElse: 'something else',
  nobodyCanSay: 'nobody can say',
  whatItIs: 'What it is',
  asYouWouldSay: (geometry: string) => `as you would say it, “a salad bowl”: ${geometry}`,
  whereItsWoodComes: 'Where its wood comes from',
  nobodyCanSayIt: 'nobody can say: it goes back as not for food, for it may have been treated',
  finishedWithIfAnyone: 'Finished with, if anyone knows',
  whereItIsNot: 'where it is not known, try a hidden spot first',
  putRightWith: 'Put right with',
  oil: 'Oil',
  whatItWillCost: 'What it will cost them',
  mayBeSaidLater: '35,00; may be said later',
  takeItIn: 'Take it in',
  whatIsWrongWith: 'What is wrong with it',
  asItWas: 'as it was',
  nothingIsSandedBefore: 'Nothing is sanded before the paint was tested.',
  thenWord: ', then ',
  itWasSandedTo: (last: number) => `: it was sanded to ${last}`,
  sandAlongTheGrain: (plan: string, last: string) => `Sand ${plan}, along the grain${last}.`,
  washItLetIt: 'Wash it, let it dry on edge for a day, then oil.',
  onlyWashedAndOiled: 'Only washed and oiled, not sanded',
};

export const restore = {
  sayWhatIsWrong: 'Say what is wrong and where: the sanding plan follows from the deepest mark. A crack is not sanded out.',
  restoration: 'Restoration',
  comesHome: 'Comes home',
  from: (owner: string) => ` from ${owner}, `,
  code: (code: string) => `code ${code}`,
  aStrangersPiece: 'a stranger’s piece',
  itWasFinishedWith: (wasFinishedWith: string) => `; it was finished with ${wasFinishedWith}`,
  noMarkWasWritten: 'No mark was written down',
  noneOnlyWashed: 'none, only washed',
  sanding: (marks: string, grits: string) => `${marks}. Sanding: ${grits}.`,
  billed: (bill: string) => `, billed ${bill}`,
  backWithItsOwner: (backAt: string, bill: string) => `Back with its owner ${backAt}${bill}.`,
};
