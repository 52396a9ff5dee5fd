export const bursts = {
  theBurstIsOver: 'The burst is over: stir down to the bottom, and read.',
  anotherBurstOfS: (burstS: number) => `Another burst of ${burstS} s`,
};

export const filling = {
  whatItsLabelWill: 'What its label will say',
  allThatItMust: 'All that it must say does not fit this sheet of labels: choose a larger one when you print.',
  inThePotBelow: ' in the pot. Below the brim, in one go; what is left over goes in the shop jar.',
  jarOrTin: 'Jar or tin',
  there: 'There',
  filled: 'Filled',
  netReckoned: 'Net, reckoned',
  someOfThemWeighed: 'Some of them weighed, jar and all',
  hotLevel: 'Hot level',
  noJarsAreIn: 'No jars are in the stores. Enter a size under Stores, or keep the whole pot as the shop jar.',
  staysInThePot: 'Stays in the pot',
  notInAnyJar: 'not in any jar',
  whatBecomesOfIt: 'What becomes of it',
  itIsWipedOut: 'it is wiped out and lost',
  itIsScrapedOut: 'it is scraped out as tool wax',
  moreThanThereIs: (leftG: string) => `▲ ${leftG} more than there is`,
  leftForTheShop: (part: string) => `${part} left for the shop jar`,
  lookedAtAgainstThe: 'Looked at against the light: no lump of wax is left',
  howManyFilled: (name: string) => `${name}: how many filled`,
  netMass: (name: string) => `${name}: net mass`,
  weighedWithTheJar: (name: string) => `${name}: weighed, with the jar`,
  itsTareIsNot: 'its tare is not known: weigh on a tared empty',
  oneOrSeveralWith: (tareG: string) => `one or several, with a space between; tare ${tareG}`,
  onAverageApartLabel: (meanG: string, spreadG: string, lowestG: string) =>
    `${meanG} on average, ${spreadG} apart; label ${lowestG}`,
  fillInTwoGoes: ': fill in two goes',
  ofTheBrim: (part: string, brim: string, part2: string) => `${part}${brim} of the brim${part2}`,
};

export const gather = {
  gather: 'Gather',
  fetchTheseTheEarliest: 'Fetch these, the earliest best-before first. Scale, pot, spoon, dry cloth.',
  thenWord: 'then ',
  from: (part: string, grams: string) => `${part}${grams} from `,
  bestBefore: (bestBefore: string) => `, best before ${bestBefore}`,
  there: (leftG: string, bestBefore: string) => `, ${leftG} there${bestBefore}`,
  short: (shortG: string) => `▲ ${shortG} short. `,
  receiveALot: 'Receive a lot',
  orMakeLess: ', or make less.',
  ofItStaysIn: (residueG: string) => `${residueG} of it stays in the pot, as it did before.`,
  weighWhatThereIs: 'Weigh what there is',
  allIsAtHand: 'All is at hand',
};

export const jug = {
  readAgain: 'Read again: ',
  meltedReadHot: ', melted, read hot',
  writtenAs: (written: string) => ` (written as ${written})`,
  add: '+ Add',
  moreThanIsIn: (addMl: string) => `${addMl} more than is in it`,
  untilTheJugStands: '▔ Until the jug stands at',
  itStandsAtNow: (beforeMl: string) => `; it stands at ${beforeMl} now`,
  itIsEmptyNow: '; it is empty now',
  allInAll: (levelMl: string, beforeMl: string) => `${levelMl}, all in all${beforeMl}`,
  theJugStandsAt: 'The jug stands at',
  emptyAtItsMark: 'empty: at its mark. Read at eye height, on a level table',
  likeMlCupsUs: 'like 950 ml, 4 cups, 32 US fl oz',
  fromNoLotIt: 'from no lot: it is practice',
  itStandsAtThe: 'It stands at the mark',
  measured: 'Measured',
  filledToWhereShould: (addMl: string) => `▲ Filled to ${addMl}, where ${addMl} should have been added?`,
  addedWhereItShould: (levelMl: string) => `▲ ${levelMl} added, where it should have been filled to ${levelMl}?`,
  keptSoTheBlend: 'Kept so, the blend would hold ',
  byWeightInsteadOf: (name: string) => ` ${name} by weight instead of `,
  addMoreUntilIt: (levelMl: string, levelMl2: string) => `Add ${levelMl} more, until it stands at ${levelMl2}.`,
  iAddTheRest: 'I add the rest',
  itIsInSo: 'It is in so: keep it',
};

export const labelDrawn = {
  codeOfTheLot: 'Code of the lot',
  mmSetInPt: (width: number, height: number, size: number) =>
    `${width} × ${height} mm, set in ${size} pt; shown at almost twice its size`,
};

export const labelForm = {
  leftEdge: 'Left edge',
  topEdge: 'Top edge',
  gapAcross: 'Gap across',
  gapDown: 'Gap down',
  pageWidth: 'Page width',
  pageHeight: 'Page height',
  language: 'Language',
  sheet: 'Sheet',
  myOwnInMillimetres: 'my own, in millimetres',
  beginningAtPlace: 'Beginning at place',
  forAPartUsed: 'for a part-used sheet',
  whatALabelMust:
    'What a label must say, and how large, differs from place to place: follow your local rules for weights, contents, contact with food, and the law on labelling chemicals: where it asks for signs, a signal word or a child-proof cap, this label does not replace them. Rendle certifies nothing.',
  allThatMustBe: 'All that must be said does not fit so small a label. Choose a larger one.',
  theseLabelsDoNot: 'These labels do not lie within their page. Check the millimetres.',
  sheetsAsPdf: 'Sheets as PDF',
  oneAsAPicture: 'One as a picture',
};

export const melting = {
  setTheVesselIn: 'Set the vessel in the water bath, off its bottom, and read the thermometer.',
  switchItToLow: 'Switch it to low and read the thermometer.',
  oneBurstStirAnd: 'One burst, stir, and read the thermometer.',
  betterSetItIn: 'Better: set it in a water bath first.',
  notClearYetStir: 'Not clear yet. Stir now and then.',
  inThePot: (part: string) => `${part} in the pot`,
  warmedBy: 'Warmed by',
  notSaidYet: 'not said yet',
  notAdvised: ': not advised',
  theFirstBurst: 'The first burst',
  itIsOnThe: 'It is on the heat',
  iAmAtThe: 'I am at the pot',
  practiceThermometer: 'practice thermometer',
  putThePracticeThermometer: 'Put the practice thermometer away',
  useThePracticeThermometer: 'Use the practice thermometer',
  theThermometerIsSilent: '▲ the thermometer is silent: dip another, and type it',
  clearOffTheHeat: 'Clear, off the heat',
  belowOnToThe: (addBelowC: string) => `Below ${addBelowC}: on to the solvent`,
  theThermometerSays: 'The thermometer says',
  inTwoGoes: 'In two goes:',
  theCeiling: 'the ceiling',
  meltTheHarderWax: (holdMaxC: string) =>
    ` melt the harder wax in part of the oil first, let it fall below ${holdMaxC}, then stir in the rest.`,
  itWillSetGrainy: 'It will set grainy:',
  itsWaxIsNot: ' its wax is not even clear below the ceiling. Use less of the hardest wax next time.',
  somethingWentWrong: 'Something went wrong',
  itBrownedToolWax: 'It browned: tool wax',
  theBathBoiledDry: 'The bath boiled dry, nothing browned',
  theBathBoiledDryAnd: 'The bath boiled dry and it browned',
  brownedWaxIsHeld:
    'Browned wax is held: it goes on no board, and stays as tool wax. A dry bath: heat off, let the pan cool before water goes in.',
  rehearsedClearAfterAbout: 'Rehearsed: clear after about ',
  shavedToItWould: (shavedMm: string, clearAt: string) => `; shaved to ${shavedMm} it would be ${clearAt} sooner`,
  theBathWouldBe: (dryAt: string) => ` The bath would be dry after ${dryAt}.`,
  onTheHeatFrom: (pieceMm: string, shavedMm: string, dryAt: string) => ` on the heat, from ${pieceMm} pieces${shavedMm}.${dryAt}`,
  onlyAWaterBath: 'Only a water bath is rehearsed. Here the thermometer alone says how it stands: read it often.',
  thermometerLog: 'Thermometer log',
};

export const overpour = {
  tooMuch: (overG: string) => `▲ ${overG} too much `,
  rescaleThePot: 'Rescale the pot',
  thePotGrowsAnd: 'The pot grows and the ratio holds: each other mark moves up with it.',
  leaveItForThe: 'Leave it for the next pot',
  thisPotStaysAs: 'This pot stays as it is; the next of this formula gets that much less.',
};

export const panChoice = {
  panAndHeater: 'Pan and heater',
  notSaid: 'not said',
  enterAPan: 'Enter a pan',
  aPanAndIts: 'A pan and its heater',
  whatHeatItLoses: 'What heat it loses and how it gives it to the pot begin as estimates; your own logged melts put them right.',
  enamelPanOnThe: 'Enamel pan on the small ring',
  waterInIt: 'Water in it',
  heater: 'Heater',
  fitItToReadings: (logged: number) => `Fit it to ${logged} readings`,
  fittedToOfYour: (fittedReadings: number) => `fitted to ${fittedReadings} of your readings`,
  workingEstimates: 'working estimates',
  losesGives: (heaterW: string, lossWPerK: string, uaWPerK: string, fittedReadings: string) =>
    `${heaterW}, loses ${lossWPerK}, gives ${uaWPerK}; ${fittedReadings}`,
  theRehearsalMissedBy: 'The rehearsal missed by ',
  fittedItMissesBy: '; fitted it misses by ',
  useThat: 'Use that',
};

export const potCurve = {
  inkWhatTheThermometer: 'Ink: what the thermometer said. Pencil: the rehearsal, an estimate and no safety device.',
};

export const potFacts = {
  shavedGratedPelletsCut: 'shaved, grated, pellets cut fine',
  chipsAsUsuallyCut: 'chips, as usually cut',
  halfABarIn: 'half a bar in one',
  theWaxIsIn: 'The wax is in pieces of',
  waterInTheBath: 'Water in the bath',
  lEmptyAsThe: '1.5 l; empty: as the pan was entered',
};

export const potMarks = {
  marks: 'Marks',
  thePot: (targetG: string) => `The pot, ${targetG}`,
  slips: 'Slips',
  smallPiecesOfWax:
    'Small pieces of wax melt faster. Tare with the empty pot on the scale, then read what it shows; nothing is taken off or added in your head.',
  ofWord: (targetG: string) => ` of ${targetG}`,
  over: '▲ over',
  inWord: '● in',
  toGo: '○ to go',
};

export const pourDone = {
  chalkThisOnThe: 'Chalk this on the lid. Opaque in about half an hour; lid on when it is cold.',
  chalkThisOnTheLid: 'Chalk this on the lid, and close it now.',
  slips: 'Slips',
  weight: 'weight',
  volume: 'volume',
  askedForBy: (lines: string, part: string) => `Asked for: ${lines} by ${part}.`,
  whatCameOfIt: 'What came of it',
  labelAndCleanUp: 'Label and clean up',
  labelsFor: (count: number, container: string) => `Labels for ${count} × ${container}`,
  aLabelForThe: 'A label for the shop jar',
  wipePotAndSpoon: 'Wipe pot and spoon while warm. ',
  wipeVesselAndSpoon: 'Wipe vessel and spoon. ',
  theseClothsHeatThemselves: 'These cloths heat themselves: flat outdoors, or under water in a lidded can.',
  layTheClothsFlat: 'Lay the cloths flat.',
  waterBathOffEmpty: '; water bath off, empty and dry',
  neverDownTheDrain: (part: string) => `Never down the drain${part}.`,
  startABatchWith: 'Start a batch with it',
  toTheStores: 'To the stores',
  weighedIn: 'Weighed in',
  grams: 'Grams',
  share: 'Share',
  made: 'Made',
  filled: 'Filled',
  theLowestOfWeighed: (count: number) => `, the lowest of ${count} weighed`,
  noJars: 'no jars',
  yieldInJars: 'Yield in jars',
  shopJar: 'Shop jar',
  contents: 'Contents',
  it: 'It',
};

export const practicePanel = {
  theScaleSendsSomethingThat: 'The scale sends something that cannot be read. Wait, or type what it shows.',
  tooMuchOnTheScale: 'Too much on the scale: take something off. What was read before is kept.',
  useThePracticeScale: 'Use the practice scale',
  orTypeEveryReading: 'or type every reading',
  practiceScale: 'Practice scale',
  silent: '◌ silent',
  steady: '● steady',
  moving: '○ moving',
  pourToTheMark: 'Pour to the mark',
  slipMore: (part: string) => `Slip: ${part} more`,
  stopPouring: 'Stop pouring',
  plugItIn: 'Plug it in',
  pullTheCable: 'Pull the cable',
  garbleTheLine: 'Garble the line',
  putThePracticeScale: 'Put the practice scale away',
};

export const runningScale = {
  runningScale: 'Running scale',
  everythingIsIn: 'Everything is in.',
  practiceScale: 'practice scale',
  aPracticeScaleWrites: 'A practice scale writes into practice pots only: begin one with “Practise it” on the blend.',
  correctTheLastReading: 'Correct the last reading of',
  untilTheScaleSays: ' until the scale says ',
  theRestComesFrom: 'the rest comes from the next lot',
  thereIsNoOther: 'there is no other lot',
  andIsEmptyBy: (number: string | undefined, part: string, wholeG: string) =>
    ` and ${number} is empty by the book; ${part}. If it holds more, go on to ${wholeG}: the book is put right`,
  heldMoreThanIts: (number: string, overG: string) => `${number} held ${overG} more than its book said. It is in, and kept.`,
  theBottleHeldMore: (overG: string) => `The bottle held more: book +${overG}`,
  struckThrough: 'Struck through: ',
  over: (part: string) => `${part} over`,
  stillToGo: (part: string) => `${part} still to go`,
  allIn: 'All in',
  nearEnoughGoOn: 'Near enough, go on',
  goOnWithWhat: (shortG: string, ingredient: string, share: string) =>
    `Go on with what is in: ${shortG} of ${ingredient} short, ${share}`,
  makeLessItsRatio: (lessG: string) => `Make less: ${lessG}, its ratio kept`,
  leaveItAsIt: 'Leave it as it was',
  correctTheLastReading2: (readingG: string) => `Correct the last reading (${readingG})`,
  makeItColdInstead: 'Make it cold instead, in the closed jar',
  giveThisPotUp: 'Give this pot up',
};

export const spillButton = {
  wipedSomethingUp: 'Wiped something up',
  itsClothsStandAt: 'Its cloths stand at the top with the others.',
  aSpillThePot: 'a spill, the pot, the spoon: its cloths join the others',
};

export const straySheet = {
  somethingElseWentIn: 'Something else went in',
  itCannotBeTaken:
    'It cannot be taken out again, so the lot owns up to it: its contents, allergens and dwell follow from what is really in the pot.',
  keepThePotWith: 'Keep the pot with it',
  whatWentIn: 'What went in',
  theScaleSaysNow: 'The scale says now',
  itSaidBefore: (onScaleG: string) => `it said ${onScaleG} before`,
  itPoursAboveIts: ' It pours above its ceiling.',
  betterGivenUpOr: ' ▲ Better given up, or kept for tool handles.',
  withOfItThe: (
    value: string,
    consistency: string,
    drying: string,
    contact: string,
    allergens: string,
    part: string,
    part2: string,
  ) => `With ${value} of it the pot becomes ${consistency}, ${drying}, ${contact}; allergens: ${allergens}.${part}${part2}`,
};

export const pourWeighForm = {
  theScaleSays: 'The scale says',
  readFromTheScale: 'read from the scale; type to overrule it',
  theWholeReadingAfter: 'the whole reading, after tare',
  fromNoLotIt: 'from no lot: it is practice',
  settling: 'Settling …',
  weighed: 'Weighed',
  fromLot: 'From lot',
  noneInTheStores: 'none in the stores: receive a lot first',
  left: (leftG: string) => `${leftG} left`,
  emptyByTheBook: 'empty by the book',
};

export const pourPourForms = {
  aWholeNumber: 'a whole number',
};

export const labelPage = {
  labelsFor: (title: string) => `Labels for ${title}`,
};

export const labelRoutes = {
  thereIsNoLabel: 'There is no label for this lot.',
  theseLabelsDoNot: 'These labels do not lie within their page. Check the millimetres.',
  allThatTheLabel: (width: number, height: number) =>
    `All that the label must say does not fit ${width} × ${height} mm. Choose a larger label.`,
};

export const pour = {
  labelAndCleanUp: 'Label and clean up',
  meltAndCheck: 'Melt and check',
  gatherAndWeigh: 'Gather and weigh',
  madeColdShaveThe:
    'Made cold: shave the wax into the jar, close it, shake it now and then for days, never warm it. Fill it only once no lump is left against the light.',
  stirredColdShakeIt: (paintKeepsHours: number) =>
    `Stirred cold. Shake it, do not stir; chilled it keeps ${paintKeepsHours} hours, then it is thrown away. The powder holds lime: no dust, no eyes.`,
  filledColdThisHolds: (names: string) =>
    `Filled cold: this holds ${names} and is never heated. Closed, labelled containers, never ones that look like drink; no flame or spark near.`,
  thisPotWasGiven: 'This pot was given up. What was weighed into it is gone from its lots. ',
  toTheBlends: 'To the blends',
  thePracticePotIs: 'The practice pot is done. Nothing was drawn and there is nothing to label. ',
  practice: 'Practice: ',
  stagesOfThePour: 'Stages of the pour',
  aPracticePot: 'A practice pot.',
  itDrawsNoStock: ' It draws no stock, takes no lot number and prints nothing.',
  inTwoStages: 'In two stages.',
  firstMeltedOffThe: (part: string, addBelowC: string, part2: string) =>
    ` First ${part}; melted, off the heat and below ${addBelowC}, then ${part2}.`,
  below: (addBelowC: string) => `Below ${addBelowC}.`,
  awayFromAnyFlame: ' Away from any flame or heater, put the pot on the scale as it is and stir the solvent in by hand.',
};
