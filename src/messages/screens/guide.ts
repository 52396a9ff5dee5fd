export const aidNumbers = {
  enterTheNumbersThat: '▲ Enter the numbers that are called here',
  changeTheNumbers: 'Change the numbers',
  emergency: 'Emergency',
  poisonCentre: 'Poison centre',
  ofYourCountryOr: 'of your country or region',
  keep: 'Keep',
};

export const ownSide = {
  thisShopHoldsWith: 'This shop holds with',
  theHousesChoice: ' (the house’s choice)',
  keptWithTheRule: 'kept with the rule; whoever starts a batch reads it',
  changeOurRule: 'Change our rule',
  makeItOurRule: 'Make it our rule',
  backToTheHouses: 'Back to the house’s choice',
  itWarnsWhereA:
    'It warns where a batch is started against it, and ranks finishes in “Which finish?”. It opens no gate: what must not be sold stays so.',
  itIsKeptAnd: 'It is kept and shown here; no screen can look at it for you.',
};

export const firstAid = {
  guide: 'Guide',
  fire: 'Fire',
  soThatItDoes: 'So that it does not come to that',
  theseAreTheUsual:
    'These are the usual steps. What the label says, a first-aid course and whoever you call go before them, and so do the rules of your place. Hang it where the phone is; keep water for eyes, a lidded can and a fire blanket beside it.',
};

export const guidePage = {
  guide: 'Guide',
  ourOwnRule: 'Our own rule',
  theHousesChoice: 'The house’s choice',
  theHouses: (at: string, house: string) => `, ${at}. The house’s: ${house}`,
  whatTheSidesSay: 'What the sides say',
  theHouse: ' · the house',
  ours: ' ● ours',
  gains: 'gains',
  costs: 'costs',
  rightFor: 'right for',
  theChemistryBehind: 'The chemistry behind',
  toBeLookedUp: (source: string) => `To be looked up in: ${source}.`,
  backToTheHouses: 'back to the house’s choice',
  whatThisShopHas: 'What this shop has seen',
  nothingYetThatBears: 'Nothing yet that bears on it. ',
  aTrial: 'A trial',
  would: ' would.',
  madeBy: 'Made by',
  batches: 'batches',
  sold: 'sold',
  somethingWrong: 'something wrong',
  notAnsweredYet: 'Not answered yet.',
  releasedBatchesCountedOn: 'Released batches, counted on each side they keep to. It shows what came of them, not why.',
  theWayBackIn: 'The way back in the coat book',
  onAPieceThat: 'On a piece that is here',
  openItsBatch: 'Open its batch',
  theCoatBookThen: (ways: string) => ` The coat book then offers: ${ways}. Its steps stand before what is next.`,
  theCoatBookSays: ' The coat book says what becomes of it.',
  touchWhereItIs: (name: string, ways: string) => `, touch where it is on the drawing and say “${name}”.${ways}`,
  ofOneThatIs: 'Of one that is sold: ',
  findThePiece: 'find the piece',
  forWhatToTell: ', for what to tell its owner and the way home.',
  lookTouchSmellWhich: 'Look, touch, smell: which of these is it?',
  itComesFrom: 'It comes from',
  theWayBack: 'The way back',
  nextTime: 'Next time',
  clothsAndPadsUsed:
    'Cloths and pads used with a drying oil, or with its surplus, go on the rag line. Solvent and alcohol only outdoors or in strong ventilation, nothing hot near. After any way back the settling or cure clock starts again. Old paint, or a finish nobody knows: no dry sanding before it was tested for lead.',
};

export const guide = {
  guide: 'Guide',
  whatDoYouSee: 'What do you see, or what is the question?',
  stickyAfterAWeek: 'sticky after a week',
  nothingInTheGuide: (asked: string) =>
    `Nothing in the guide says “${asked}”. Try what you see, feel or smell: sticky, fuzz, ring, smell, crack. `,
  showAll: 'Show all',
  whatDoYouSee2: 'What do you see?',
  whatMakersDisagreeOn: 'What makers disagree on',
  ours: '● Ours:',
  thingsOneSeesQuestions: (count: number, count2: number) =>
    `${count} things one sees, ${count2} questions. The house says what it prefers and why; your shop may choose otherwise. Rules named here differ by place: follow your local code.`,
  beforeAnythingStopAnd: '▲ Before anything: stop and act',
  firstAidToPrint: 'First aid, to print',
};
