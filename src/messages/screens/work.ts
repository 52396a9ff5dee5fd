export const workWorkActions = {
  nowForItWas: (uses: string, uses2: string) => `Now for ${uses}; it was for ${uses2}`,
};

export const batchPage = {
  inOrOnIt: (added: string) => `In or on it: ${added}.`,
  notBefore: (name: string, warm: string) => `${name}, not before ${warm}`,
  allStepsDone: (ends: string) => ` All steps done ${ends}`,
  due: (dueAt: string) => `, due ${dueAt}`,
  trial: (number: string) => `Trial ${number}`,
  fields: (treatment: string) => `, ${treatment}: fields `,
  neverSold: '. Never sold.',
  forWord: (uses: string) => `For ${uses}. `,
  withWord: (woods: string) => ` With ${woods}.`,
  benchView: 'Bench view',
  cureAndChecks: 'Cure and checks',
  thisBatchWasAs: (outcome: string, number: string) => `This batch was ${outcome} as ${number}. `,
  seeTheRecord: 'See the record',
  noPiecesAreLeft: (db: string) => `No pieces are left in this batch, so there is nothing to do. ${db}`,
  nothingWasDrawnFor: 'Nothing was drawn for it.',
  used: (drawn: string) => `Used: ${drawn}.`,
  cancelled: (cancelledAt: string, who: string, cancelledWhy: string, drawn: string) =>
    `Cancelled ${cancelledAt}${who}${cancelledWhy}. ${drawn}`,
  wasRecordedOnceMore: (done: string, atMs: string) =>
    `“${done}” was recorded once more at ${atMs}, from another device or before its turn. The first one stands.`,
  materials: 'Materials',
  aboutStillToGo: (part: string, grams: string, leftG: string, minor: string) =>
    `${part}about ${grams} still to go, ${leftG} in the lot${minor}`,
  nothingWasDrawn: 'Nothing was drawn.',
  estimatesFromSurfaceWood: 'Estimates from surface, wood and coat; weighing puts them right.',
  warmingIt: 'Warming it?',
  promised: (dueAt: string) => `, promised ${dueAt}`,
  madeFor: (customer: string, dueAt: string) => `Made for ${customer}${dueAt}.`,
  wished: (wishes: string) => `Wished: ${wishes}.`,
  itsOwner: (upkeep: string) => `Its owner ${upkeep}.`,
  gluedWith: (name: string) => `Glued with ${name}.`,
  everyDays: (days: number) => `, every ${days} days`,
  careOfItsOwn: (days: string, words: string) => `Care of its own${days}${words}.`,
};

export const bookRows = {
  notYet: 'not yet',
  fromNothingSpoils: (earliestMs: string) => `from ${earliestMs}; nothing spoils`,
  roundOf: (round: number, rounds: number) => `, round ${round} of ${rounds}`,
};

export const afterWork = {
  verdictsAndNotes: 'Verdicts and notes',
  aNoteInYour: 'A note in your own words',
  tookMoreThanEver: 'took more than ever on the plum; next time 320 before the wax',
  keepTheNote: 'Keep the note',
  againLikeThisOne: 'Again like this one',
};

export const cancelBatch = {
  cancelThisBatch: 'Cancel this batch',
  nothingWasDrawnFor:
    'Nothing was drawn for it. It leaves the plan and every list; its number is not given again. You can undo this here.',
  itLeavesThePlan: (drawn: string) =>
    `It leaves the plan. ${drawn} stays drawn from the stores, and the batch record stays. You can undo this here.`,
  cancelTheBatch: 'Cancel the batch',
  reasonOptional: 'Reason (optional)',
  reason: 'Reason',
  startedByMistake: 'started by mistake',
  theWoodSplitIt: 'the wood split; it will not be finished',
  undoCancel: 'Undo cancel',
};

export const changeUse = {
  change: 'Change',
};

export const coatBook = {
  pastItsWindow: (minutes: string) => `${minutes} past its window`,
  early: (minutes: string) => `${minutes} early`,
  done: 'Done',
  takenBack: 'Taken back: ',
  window: (window: string) => `window ${window}`,
  plansSlackUntil: (slack: string) => `plan’s slack until ${slack}`,
  next: 'next',
  leftOut: 'Left out',
  seen: (seen: string) => `Seen: ${seen}`,
  where: (spots: string) => `Where: ${spots}`,
};

export const correctEntry = {
  correct: (done: string) => `Correct ${done}`,
  correct2: 'Correct',
};

export const correctionSheet = {
  correct: (done: string) => `Correct “${done}”`,
  writeTheCorrection: 'Write the correction',
  whatStoodStaysIn: 'What stood stays in the book, struck through.',
  itDidNotHappen: 'It did not happen: strike it',
  doneAt: 'Done at',
  emptyAsItStood: 'empty: as it stood',
  seen: 'Seen',
  itWasSo: 'It was so',
};

export const lookOver = {
  thisCannotBeRead: 'This cannot be read as a picture. Try another.',
  amiss: (count: number) => `, ${count} amiss`,
  photoReady: ', photo ready',
  lookItOverSurfaces: (count: string, part: string) => `Look it over: surfaces, faults, photo${count}${part}`,
  onWhichPiece: 'On which piece',
  oneBadPieceMay: 'one bad piece may go its own way, below under “Pieces”',
  allOfThem: 'all of them',
  alone: (tag: string) => `${tag} alone`,
  photo: 'Photo',
  whatWillBeKept: 'What will be kept',
};

export const moistureForm = {
  readTheMoisture: 'Read the moisture',
  moistureOfTheWood: 'Moisture of the wood',
  severalReadingsAtFlat: 'Several readings at flat places, along the grain, nothing metal behind. Not within hours of wetting.',
  theMeterSays: 'The meter says, %',
  where: 'Where',
  middleOfTheUnderside: 'middle of the underside',
  itCounts: 'It counts',
  noJustWettedA: 'no: just wetted, a knot, a wall behind',
  weighABlank: 'Weigh a blank',
  dryByWeight: 'Dry by weight',
  chalkItsNumberOn:
    'Chalk its number on one blank and weigh the same one every few days. When it hardly loses any more it is as dry as its air.',
  which: 'Which',
  itWeighs: 'It weighs',
};

export const moveTo = {
  whatYouCallIt: 'What you call it',
  byTheStoveIn: 'by the stove, in the sun',
  light: 'Light',
  atAWindow: 'at a window',
  inTheSun: 'in the sun',
  inTheDark: 'in the dark',
  usuallyHowWarm: 'Usually how warm',
  cAReadingThere: '24 °C; a reading there counts for more',
  howDamp: 'How damp',
  toBeMinded: 'To be minded',
  and: 'And',
  standsAt: 'Stands at',
  anotherPlace: 'Another place',
  aPlaceOfOur: 'A place of our own',
  itHasItsOwn: 'It has its own air and its own dangers. The pieces are carried there; it stands in the list henceforth.',
  carryThemThere: 'Carry them there',
};

export const pieceList = {
  whichPieces: 'Which pieces',
  orTheMarkAs: '3, 5-7, or the mark as it is chalked',
  splitOff: 'Split off',
  aBatchOfTheir: 'A batch of their own',
  theyShareTheBook:
    'They share the book up to now, and go on by themselves: one that must be mended, a third that is sold early.',
  splitThemOff: 'Split them off',
  drySpotsOnThe: 'dry spots on the end grain',
  oneLeaves: 'One leaves',
  leavesForGood: 'Leaves for good',
  splitSpoiledKeptBack: 'Split, spoiled, kept back: it stays in the file with why, and is finished no further.',
  itLeaves: 'It leaves',
  splitAlongThePith: 'split along the pith',
  joinAnotherBatch: 'Join another batch',
  bothWaitForThe: 'Both wait for the same step. The pieces keep their marks; from here on one book holds them.',
  joinThem: 'Join them',
  goesInto: 'Goes into',
  tagsToPrint: 'Tags to print',
};

export const recordPanel = {
  wasRecordedFromSomewhere: (done: string, words: string) =>
    `“${done}” was recorded from somewhere else, without what you had written for it: ${words}. Put its entry right in the coat book where it belongs there.`,
  letItGo: 'Let it go',
  everyStepOfThe: 'Every step of the regimen is done. The checks and the release are next.',
  whatWasAmiss: 'what was amiss',
  aPhoto: 'a photo',
  recordTheNextAction: 'Record the next action',
  leftOut: 'Left out',
  takeBack: (says: string) => `Take back “${says}”`,
  itWasSoRecord: 'It was so: record it',
  pieces: (round: string, pieces: number) => ` (${round}, ${pieces} pieces)`,
  next: (action: string, round: string) => `Next: ${action}${round}`,
  from: (lot: string) => `from ${lot}`,
  houseRule: 'House rule:',
  theLabelSays: 'The label says:',
  theHousesTimesStand: (labelRule: string) =>
    ` ${labelRule}. The house’s times stand above; where the maker of a finish rules, keep to it.`,
  noPlan: (blocked: string) => `▲ No plan: ${blocked}.`,
  about: (estimatedG: string) => `about ${estimatedG}`,
  anEstimateUnlessWeighed: 'an estimate, unless weighed',
  doneAt: 'Done at',
  nowUnlessTypedMin: 'now, unless typed: 40 min ago',
  temperature: 'Temperature',
  asTheRoomWas: 'as the room was, unless typed',
  humidity: 'Humidity',
  seen: 'Seen',
  drySpotsRaisedFibre: 'dry spots, raised fibre …',
  theRestFromAnother: ', the rest from another',
  ranOutWithinThis: (part: string) => ` ran out within this coat${part}`,
  theRestCameFrom: 'The rest came from',
  andSoDoThe: 'and so do the coats after it',
  itDidNotRun: 'it did not run out',
  ofThat: 'Of that',
  emptyWhatTheFirst: 'empty: what the first did not hold',
};

export const surfaceList = {
  notLookedAt: 'not looked at',
};

export const tinScale = {
  weighTheTin: 'Weigh the tin',
  theTinBeforeAnd: 'The tin before and after',
  lidTinAndCloth: 'Lid, tin and cloth-clip the same both times.',
  silent: '◌ silent',
  steady: '● steady',
  moving: '○ moving',
  practiceScale: 'Practice scale',
  useThePracticeScale: 'Use the practice scale',
  before: 'Before',
  takeItAsBefore: 'Take it as before',
  after: 'After',
  takeItAsAfter: 'Take it as after',
  practiceUsed: (part: string) => `Practice: ${part} used`,
  moreInTheTin: '▲ More in the tin than before: weigh again.',
  used: (used: string) => `${used} used`,
  useThis: 'Use this',
};

export const useSheet = {
  whatThisBatchIs: 'What this batch is for',
  whatItMustPass:
    'What it must pass before it is sold follows from this. What it was for stays on its record, with your reason; the design stays as it is.',
  reason: 'Reason',
  theCustomerWantsIt: 'the customer wants it for bread only',
};

export const waysBack = {
  waysBack: 'Ways back',
  takenUp: 'Taken up: ',
  itsStepsStandIn: '. Its steps stand in the book.',
  takeTheWayOff: 'Take the way off again',
  strikeThisOne: 'Strike this one',
};

export const weighPiece = {
  weighAgain: (part: string | undefined) => `Weigh again: ${part}`,
  afterTheWipe: 'After the wipe',
  itWeighsNow: 'It weighs now',
  weighAPiece: 'Weigh a piece',
  aPieceBeforeAnd: (coat: string) => `A piece, before and after it is ${coat}`,
  dryClothBeneathThe: 'Dry cloth beneath, the same scale both times. Leave “after” empty until it has been wiped.',
  whichPiece: 'Which piece',
  beforeTheCoat: 'Before the coat',
  afterItsWipe: 'After its wipe',
  mayBeEmpty: 'may be empty',
};

export const drinks = {
  itIsFullMoreWould: 'It is full: more would only lie on top. Stop here.',
  itSlowsOneMoreThin: 'It slows: one more thin coat, then stop.',
  itStillDrinksAnotherCoat: 'It still drinks: another coat is taken up.',
  whatItDrinks: 'What it drinks',
  thenWord: ', then ',
  oneCoatWeighedThe: 'One coat weighed; the next tells whether it goes on.',
  theEndOfA: 'The end of a soak is what it drank, not minutes: weigh one piece before a coat and after its wipe.',
  wasBeforeItWas: (batch: string, beforeG: string, task: string) => `${batch} was ${beforeG} before it was ${task}`,
};

export const ragNotice = {
  sayInRendleHowThey: 'Say in Rendle how they lie before you leave; look at them the next morning.',
  withSolventInThemOutdoors: 'With solvent in them: outdoors, no flame or spark near, and never burnt.',
  neverInAHeapNever: 'Never in a heap, never in a bin, never in a pocket, never hot-washed or tumble-dried.',
  orPutAllOfIt: 'Or put all of it under water in a metal can with a lid.',
  layEachFlatAndSingle: 'Lay each flat and single, on metal, on stone or outdoors, until it is dry and stiff.',
  clothsPaperPadsGlovesBrushes: 'Cloths, paper, pads, gloves, brushes and oil-soaked dust: all of it counts.',
  today: 'Today',
  oilyClothsSetFire: '▲ Oily cloths set fire to shops',
  clothsWithADrying: 'Cloths with a drying oil in them heat themselves, in hours, with nobody near.',
  rulesForOilyWaste: (name: string) =>
    `${name}. Rules for oily waste differ by place: ask your local fire service and keep to what they say.`,
};

export const tags = {
  coatBookOf: (number: string) => `Coat book of ${number}`,
  tieOneToEach: 'Tie one to each piece; “One round” on the Work screen reads them.',
  tagsOf: (number: string) => `Tags of ${number}`,
  code: (code: string) => `Code ${code}`,
};

export const troubles = {
  theWipeIsPast: 'The wipe is past its window',
};

export const wood = {
  byTheScale: (name: string) => `By the scale, ${name}: `,
  weighItAgainIn: 'Weigh it again in a day or more.',
  asDryAsIts: (percent: string) => `, as dry as its air: near ${percent}`,
  steady: (percent: string) => `● Steady${percent}.`,
  gains: 'gains',
  loses: 'loses',
  aboutMoist: (percent: string) => `, about ${percent} moist`,
  steadyAboutAnEstimate: (steadyAtMs: string) => ` Steady about ${steadyAtMs}: an estimate from its own weighings.`,
  itADay: (part: string, lossADay: string, percent: string, steadyAtMs: string) =>
    `It ${part} ${lossADay} a day${percent}.${steadyAtMs}`,
  noMeterWasUsed: 'No meter was used.',
  notReadYet: 'Not read yet.',
  inTheAirWhere: 'In the air where it stands it comes to rest near ',
  itWillStillMove: ' It will still move here.',
  itWillMoveIn: ' It will move in the buyer’s rooms.',
  inHeatedRoomsNear: (part: string, part2: string) => `, in heated rooms near 8 %.${part}${part2}`,
  fitAbout: 'Fit about ',
  noDayThatCan: 'no day that can be said yet',
  betweenAndAnEstimate: (earlyMs: string, lateMs: string) =>
    `, between ${earlyMs} and ${lateMs}: an estimate from its own readings.`,
  moistureReadings: 'Moisture readings',
  piece: (ordinal: number) => `piece ${ordinal}`,
  roughCut: (roughOn: string) => `Rough-cut ${roughOn}.`,
};

export const work = {
  work: 'Work',
  whichFinish: 'Which finish?',
  noBatchIsOpen: 'No batch is open. Start one: a design, a wood, a regimen and the lots it takes.',
  releasedAndRefused: 'Released and refused',
  trial: (number: string, treatment: string) => `Trial ${number}, ${treatment}: `,
  allStepsDoneSee: (number: string) => `All steps done: see trial ${number}`,
  allStepsDoneSeeCure: 'All steps done: see Cure and release',
  stepsEnd: (ends: string) => `steps end ${ends}`,
  due: (part: string, dueAt: string) => `${part}due ${dueAt}`,
  cancelled: 'Cancelled',
};
