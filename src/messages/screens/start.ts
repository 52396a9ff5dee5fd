export const startStartActions = {
  wholeDaysAtMost: 'whole days, at most ten years',
};

export const choose = {
  itIsForNothing: 'It is for (nothing ticked: wet food)',
  and: 'And',
  keptUnderALid: 'kept under a lid',
  oneThatIsFit: 'one that is fit for food',
  itWas: 'It was',
  itsOwner: 'Its owner',
  without: 'Without',
  daysUntilItMust: 'Days until it must leave',
  isNoNumberOf: (daysTyped: string) => `▲ “${daysTyped}” is no number of days between 1 and 400. It was left out.`,
  shine: 'Shine',
  colour: 'Colour',
  rankThem: 'Rank them',
  atFirstAYear: (first: string, currency: string, perYear: string) =>
    `${first} ${currency} at first, ${perYear} a year over five`,
  whichFinish: 'Which finish?',
  toSayAloud: 'To say aloud',
  nothingInTheStores: '▲ Nothing in the stores keeps all of this. What stands in the way of each is below.',
  refused: 'Refused',
  aRankingOfWorking: (part: string) =>
    `A ranking of working estimates, not a rule. Where nobody knows the owner the house prefers an oil that dries, for those who re-oil one that never does; no film under a knife. Days are reckoned at ${part} and err late. Nothing here is certified.`,
  inYourTrialsE: (words: string, deltaE: string, boards: number) =>
    `In your trials ${words} (ΔE ${deltaE} from bare, ${boards} boards).`,
  washingMovedItsUpkeep: (part: string, part2: number, boards: number) =>
    `Washing moved its upkeep by ${part}${part2} % (${boards} boards).`,
  whichPiece: 'Which piece',
  overTheYears: 'Over the years',
  withWord: (lots: string) => `With ${lots}.`,
  theSameDay: 'the same day',
  aboutDays: (readyDays: number) => `about ${readyDays} days`,
  startWithIt: 'Start with it',
};

export const beyond = {
  itsSurplusGumsAfter: (most: string) => `: its surplus gums after ${most}`,
  theFirstSoakIs: (most: string) => `The first soak is longer than this oil bears${most}.`,
  gummedSurplusIsRe:
    ' Gummed surplus is re-wetted with the same oil, scrubbed and wiped; past a day it wants a fine pad. Warmth makes it sooner. On wood that drinks all of it a longer soak may do no harm; keep it wet, and wipe all of it.',
  itsBound: 'its bound',
  readItMayLie: (most: string) => `Read. It may lie longer, and the alarm still calls after ${most}`,
  whyItMay: 'Why it may',
  thirstyEndGrainDrinks: 'thirsty end grain, drinks it all; stays on the record',
};

export const designSheet = {
  ofItEndGrain: (value: string, areaMm2: string, endGrainMm2: string) => `${value}: ${areaMm2}, ${endGrainMm2} of it end grain`,
  aDesign: 'A design',
  keepTheDesign: 'Keep the design',
  shape: 'Shape',
  itReallyMeasures: (odd: string) => `It really measures ${odd}`,
  theDesign: 'the design',
};

export const gatesAhead = {
  whatReleaseWillAsk: (part: string) => `What release will ask of ${part}`,
  whatReleaseWillAsk2: 'What release will ask',
  slipOwnersPageAnd: '▲ Slip, owner’s page and label will say: Not for food.',
  itMeetsNoFood: 'It meets no food: nothing is asked of wood or finish for that.',
  nothingInWoodAnd: '● Nothing in wood and finish stands against it. Time, checks and cloths come later.',
  mayBeSignedFor: 'May be signed for, with a reason.',
  nobodyMaySignFor: 'Nobody may sign for it.',
  withItWouldBe: (meetBy: string) => `With ${meetBy} it would be met.`,
};

export const mixedList = {
  aListOfUnlike: 'A list of unlike pieces instead',
  whatThereIsAs: 'What there is, as you would say it or one to a line',
  spoonsPlumBowlsBoard: '3 spoons, 2 plum bowls, 1 board',
  readTheList: 'Read the list',
  alikePiecesAfterAll: 'Alike pieces after all',
  what: 'What',
  takeOut: (name: string) => `Take ${name} out`,
  forWord: (uses: string) => `For ${uses}`,
};

export const needs = {
  moreThanTheLot: ' (more than the lot holds)',
  noFinish: 'No finish. ',
  ofFinishAPiece: (total: string) => `${total} of finish a piece. `,
  chooseTheLotsTo: 'choose the lots to see the cost. ',
  movedByOfYour: (weighed: number) => `, moved by ${weighed} of your own weighings`,
  weighingACoatPuts: '; weighing a coat puts it right',
  anEstimateFromSurface: (weighed: string) => `An estimate from surface, wood and coat${weighed}.`,
};

export const orderFields = {
  forWord: (customer: string) => `for ${customer}`,
  thisTimeFor: (uses: string) => `this time for ${uses}`,
  itsOwner: (upkeep: string) => `its owner ${upkeep}`,
  withACareOf: 'with a care of its own',
  madeToOrderOr: 'Made to order, or with a care of its own',
  forLessThanIts: 'For less than its design, made to order, or with a care of its own',
  whatTheseAreFor: 'What these are for',
  madeFor: 'Made for',
  aNameItCan: 'a name; it can be erased',
  itsOwner2: 'Its owner',
  isNotThoughtOf: 'is not thought of yet',
  whatWasWished: 'What was wished',
  darkerThanTheLast: 'darker than the last one, rounded corners',
  ownDaysBetweenLooks: 'Own days between looks',
  emptyAsItsFinish: 'empty: as its finish',
  ownWordsForThe: 'Own words for the slip',
  printedAsTheyStand: 'printed as they stand, in every language',
};

export const overYears = {
  aPieceAtFirst: (first: string, currency: string, perYear: string) =>
    `${first} ${currency} a piece at first, ${perYear} a year over five. `,
  whatFinishesCostOver: 'What finishes cost over the years',
};

export const planPreview = {
  piece: '1 piece',
  pieces: (count: number) => `${count} pieces`,
  insteadOf: (pieces: string, pieces2: number) => `${pieces} instead of ${pieces2}`,
  fewerPieces: 'fewer pieces',
  curingInTheWarm: (readyMs: string) => `curing in the warm cabinet: fit ${readyMs}`,
  aWarmCabinetWhere: 'a warm cabinet, where one may be used',
  handsThatGoOn: (until: string) => `hands that go on until ${until}`,
  handsThatGoOnInto: 'hands that go on into the evening',
  batchLeftUntilAfter: (batch: string) => `batch ${batch} left until after it`,
  anotherBatchLeftUntil: 'another batch left until later',
  noPlan: (blocked: string) => `▲ No plan: ${blocked}.`,
  handsDone: 'Hands done',
  settled: 'Settled',
  cured: 'Cured',
  toBeHandled: 'To be handled',
  by: (part: string, part2: string, readyMs: string) => `${part}${part2} by ${readyMs}`,
  handsDoneWith: (stepsEndMs: string) => `Hands done ${stepsEndMs}, with`,
  withWord: 'With',
  nothingThatIsPlanned: (stepsEndMs: string) => `${stepsEndMs} nothing that is planned moved for it. `,
  chooseTheLotsTo: 'Choose the lots to see when its finish is fit.',
  theRestIsAn: 'The rest is an estimate: nine in ten such batches are fit by then.',
  theRestIsAnEstimate: 'The rest is an estimate. It meets no food, so it does not wait for the cure for food.',
  forThatDateIt: 'For that date it may start as late as ',
  itCannotBeReady: (dueMs: string) => `It cannot be ready by ${dueMs} as it stands.`,
  anyOneOfThese: 'Any one of these would do:',
  noneOfTheseAlone: (gives: string) => `None of these alone would do: ${gives}. Choose another regimen or another date.`,
  itIsTooCold: (part: string) =>
    `▲ It is too cold for it where it will stand: some waits would be more than three times as long as at ${part}. Warm the place, or begin later.`,
  step: 'Step',
  hands: 'Hands',
  windowHarmOutsideIt: 'Window: harm outside it',
  ofPieces: (round: number, rounds: number, pieces: number) => ` (${round} of ${rounds}, ${pieces} pieces)`,
  houseRule: (why: string) => `House rule: ${why}.`,
  from: (earliestMs: string) => `from ${earliestMs}`,
};

export const profileEditor = {
  theProfileDrawnIts: 'The profile drawn, its points to be moved',
  point: (index: number) => `Point ${index}`,
  fromTheAxisHigh: (part: string, part2: string) => `${part} from the axis, ${part2} high`,
  profileFromCsvR: 'Profile from CSV (r,z in mm or in)',
  halfASectionAxis: 'Half a section: axis on the left, foot below, rim above',
  addAPoint: 'Add a point',
  smoothCurve: 'Smooth curve',
  wall: 'Wall',
  mm: '8 mm',
  floor: 'Floor',
  mm2: '10 mm',
  fromTheAxis: 'from the axis',
  high: 'high',
  point2: (index: number, part: string) => `Point ${index}, ${part}`,
  takePointOut: (index: number) => `Take point ${index} out`,
};

export const rulesAgainst = {
  rulesItGoesAgainst: 'Rules it goes against',
  yourRules: 'your rules',
  theHousesChoice: 'the house’s choice',
  against: (part: string) => `Against ${part}`,
  yourOwnRule: 'Your own rule',
  theHousesChoice2: 'The house’s choice',
};

export const shapeFields = {
  nothingIsMeasuredWeigh:
    'Nothing is measured. Weigh what the first coat took: from its grams and the thirst of the wood the surface is reckoned, and the later coats with it. Until then hands are reckoned as for a small board, and no grams are foretold.',
  discOrRod: 'Disc or rod',
  itsParts: 'Its parts',
  shape: 'Shape',
  sizes: 'Sizes',
  takePartOut: (part: number) => `Take part ${part} out`,
  anotherPart: 'Another part',
  aboutTheSizeOf: 'About the size of',
  chooseADesign: 'choose a design',
  soManyTimesIts: 'So many times its surface',
};

export const startBatch = {
  whatItWillTake: 'What it will take',
  theShopsPlanIs: 'The shop’s plan is gone through …',
  withADesignA: 'With a design, a wood and a number of pieces, what can be promised and the finish it takes stand here.',
  whatReleaseWillAsk: 'What release will ask',
  sayWhichTreeIt: 'Say which tree it is: who cannot, must sign for its wood or take another.',
};

export const startFields = {
  start: 'Start',
  dueIfItIs: 'Due, if it is',
  startTheBatch: 'Start the batch',
  makersDisagreeOnIt: 'Makers disagree on it: ',
  newDesign: 'New design',
  itsSurfaceIsNot: 'Its surface is not known: weigh what the first coat takes, and it is.',
  aPieceOfIt: (areaMm2: string, endGrainMm2: string) => `${areaMm2} a piece, ${endGrainMm2} of it end grain`,
  drawTheFirstDesign: 'Draw the first design.',
  itWas: 'It was',
  gains: 'Gains:',
  costs: 'Costs:',
  notUnderAKnife: '▲ Not under a knife.',
  aDryingOilOr: ' A drying oil or a never-drying one: ',
  theHousesOwnWay: (ownWay: string) => `The house’s own way: ${ownWay}.`,
};

export const uses = {
  forWord: (says: string) => `For ${says}.`,
  changeWhatItIs: 'Change what it is for',
  whatIsFor: (name: string) => `What is “${name}” for?`,
  itWasDrawnBefore: (says: string) => ` It was drawn before that was asked; it is taken to be for ${says}.`,
  yesForThat: 'Yes, for that',
  forSomethingElse: 'For something else',
  whatIsFor2: (name: string) => `What ${name} is for`,
  itDecidesWhichGates: 'It decides which gates stand before a sale. Batches that run keep what they began with.',
};

export const woodFacts = {
  iCannotSay: 'I cannot say',
  yesIAmSure: 'Yes, I am sure',
  makersDisagree: ', makers disagree',
  keptOff: (keepOff: string) => ` Kept off ${keepOff}.`,
  itsDustIsPoisonous: ' Its dust is poisonous.',
  itsDustMakesMany: ' Its dust makes many allergic.',
  itHoldsBackWhat: ' It holds back what dries on it: half as long again.',
  forItAgainstIt: (part: string, against: string) => `For it: ${part} Against it: ${against}`,
};

export const woodMore = {
  withWord: (names: string) => `with ${names}`,
  gluedWith: (glueName: string) => `glued with ${glueName}`,
  severalWoodsGlueFiller: 'Several woods, glue, filler, dye, metal or feet; when it was rough-cut',
  alsoOf: 'Also of',
  theStrictestWoodCounts: 'the strictest wood counts in every gate',
  chooseAnotherWood: 'choose another wood',
  out: (name: string) => `${name} out`,
  glue: 'Glue',
  emptyNoneInIt: 'empty: none in it',
  ofGlueFillerCasting: 'Of glue, filler, casting, dye',
  alsoInOrOn: 'Also in or on it',
  roughTurnedOrRough: 'Rough-turned or rough-cut on',
  howLongItHas: 'how long it has stood to dry',
  aWoodOfOur: 'A wood of our own',
  keepTheWood: 'Keep the wood',
  itDrinksLooksAnd: 'It drinks, looks and weighs as the wood it is like; what you say of food is yours, with your reason.',
  botanicalNameIfIt: 'Botanical name, if it is known',
  itIsLike: 'It is like',
  forFoodItIs: 'For food it is',
  whyWhatThatRests: 'Why: what that rests on',
  aBookATable: 'a book, a table, whom you asked',
  keptOff: 'Kept off',
  note: 'Note',
  whichTreeWhereIts: 'Which tree, where its name stands on several',
  askedAtEveryStart: 'asked at every start; empty: nobody need ask',
  inGerman: 'In German',
  inFrench: 'In French',
  inSpanish: 'In Spanish',
  aSlipInA: 'A slip in a language without a name here says the name as it is.',
  changeWhatIsSaid: 'Change what is said of it',
};

export const board = {
  lengthWidthThickness: 'Length × width × thickness',
  xXOrX: '420 x 260 x 24, or 12 x 18 x 1 in',
  juiceGrooveWidthDepth: 'Juice groove: width × depth × from the edge',
  xXEmptyFor: '12 x 5 x 20; empty for none',
  handleHoleLengthWidth: 'Handle hole: length × width',
  xEmptyForNone: '90 x 30; empty for none',
  engravedShareOfThe: 'Engraved, share of the top face',
  emptyForNone: '10 %; empty for none',
};

export const startBox = {
  lengthWidthHeight: 'Length × width × height',
};

export const disc = {
  diameterThickness: 'Diameter × thickness',
};

export const plain = {
  itsWholeSurface: 'Its whole surface',
  cmOrSqFt: '1200 cm², or 1.3 sq ft',
  endGrainShareOf: 'End grain, share of it',
  emptyForNone: '10 %; empty for none',
};

export const startRing = {
  diameterThicknessOfThe: 'Diameter × thickness of the bar',
};

export const roundBox = {
  diameterHeight: 'Diameter × height',
};

export const startShapes = {
  grainOfTheFaces: 'Grain of the faces',
  longGrain: 'long grain',
  endGrain: 'end grain',
  withALid: 'With a lid',
  wall: 'Wall',
  mm: '8 mm',
  bowlLengthWidthDepth: 'Bowl: length × width × depth',
  handleLengthWidthThickness: 'Handle: length × width × thickness',
};

export const tray = {
  lengthWidthThickness: 'Length × width × thickness',
  recessLengthWidthDepth: 'Recess: length × width × depth',
};

export const startTurned = {
  solidNothingTurnedOut: 'Solid: nothing turned out inside',
};
