export const heatLadder = {
  andItsWaxIs: ', and its wax is too hard to dissolve cold or to be beaten in below its flash point',
  neverHeatThisBlend: (part: string) => `Never heat this blend: it holds solvent, alcohol, resin or water${part}.`,
  neverWarmedMadeCold: 'Never warmed: made cold.',
  shaveTheWaxLeave: ' Shave the wax, leave it in the closed jar with the rest, shake it for days until no lump is left.',
  noWaxInIt: 'No wax in it: nothing to melt.',
  solventBelow: 'solvent below',
  heat: (by: string) => `Heat: ${by}`,
  estimate: (part: number, part2: string) => `estimate, ±${part} ${part2}`,
  pot: (potC: string) => `pot ${potC}`,
  flashFrom: (flashC: string) => `flash from ${flashC} ↑`,
};

export const piecePicture = {
  markTheVeryPlace: 'Mark the very place',
  drawingOf: (name: string) => `Drawing of ${name}`,
  somethingIsAmiss: 'something is amiss',
};

export const regimenScore = {
  atOnce: 'at once',
  atMost: (usual: string, max: string) => `${usual}, at most ${max}`,
  stepByStep: (name: string) => `${name}, step by step`,
  ifWished: 'if wished: ',
  untilItPasses: ' (until it passes)',
  lineTheWaitBefore:
    'Line: the wait before the next. Whole until it may go on, dotted to the best moment; a red bar: not past this.',
  stepsOfWaiting: (name: string, count: number, coats: number, part: string, total: string) =>
    `${name}: ${count} steps, ${coats} ${part}, ${total} of waiting`,
};

export const ringLegend = {
  inPreparation: 'In preparation',
  aFaintRingFor: 'a faint ring for every coat to come',
  oneDarkRingFor: 'one dark ring for each coat; the crack travels to the first notch',
  betweenTheNotchesIs: 'between the notches is the time for the next step',
  pastTheSecondNotch: 'past the second notch the bark splinters',
  theWoodFillsWith: 'the wood fills with colour as it cures',
  allItsCoatsAnd: 'all its coats and a whole bark',
  howToReadA: 'How to read a ring',
};

export const touchSurfaces = {
  touchTheDrawingWhere: (amiss: string, amiss2: string) => `Touch the drawing where it is, if you like: ${amiss}, ${amiss2}.`,
};

export const whatLiesWhere = {
  whatLiesWhere: 'What lies where',
  handsOnly: ' (hands only)',
  thenWord: ', then ',
  leftBare: 'left bare',
};

export const findAnything = {
  search: 'Search',
  findBatchesNotesFormulas: 'Find batches, notes, formulas, lots, buyers',
  whatDidIDo: 'what did I do on the plum bowls?',
};

export const findPiece = {
  itsCodeAName: (year: string) => `${year}-001/2, its code, a name`,
};

export const alarmSwitch = {
  calls: 'Calls ',
  on: 'on',
  off: 'off',
  aloud: (part: string) => `aloud: ${part}`,
};

export const cloths = {
  oilyClothsLayThemFlat: 'Oily cloths: lay them flat',
  clothsWetWithSolventBurn: 'Cloths wet with solvent burn easily',
  oilyClothsCanSetFire: 'Oily cloths can set fire to the shop',
  laidFlatSingleOn: 'Laid flat, single, on metal, stone or outdoors',
  underWaterInA: 'Under water in a lidded metal can',
  burntOutdoorsNoSolvent: 'Burnt outdoors, no solvent in them',
  noClothOrPaper: 'No cloth or paper was used',
  lieFlat: 'lie flat',
  lieUnderWater: 'lie under water',
  areBurnt: 'are burnt',
  noneLeft: 'none left',
  clothsOfSince: (acts: number, part: string, since: string, at: string) => `Cloths of ${acts} ${part} since ${since}, ${at}`,
  theShopDidNot: 'The shop did not answer. Try again.',
  clothsPaperPadsGloves:
    'Cloths, paper, pads, gloves, brushes and oil-soaked dust. Never in a heap, never in a bin; never hot-washed or tumble-dried.',
  whatWasLaidBefore: 'What was laid before lies. These are the ones since then.',
  plainOilDoesNot: 'Plain oil does not heat itself: once laid, they are done with.',
  theyStayOnThe: 'They stay on the list until they are looked at, twelve hours on.',
  lookedAtCold: 'Looked at: cold',
  clothsThatLie: 'Cloths that lie',
  clothsLieToBe: (from: string) => `Cloths lie, to be looked at from ${from}`,
  theyHeatWithinHours:
    'They heat within hours: a look counts from twelve hours after they were laid. An earlier one is kept and closes nothing.',
  lie: 'lie',
  lookedAtTooEarly: (lookedAt: string) => ` Looked at ${lookedAt}: too early to close it.`,
  they: (part: string, way: string, lookedAt: string) => `${part}. They ${way}.${lookedAt}`,
  lookedAtEarlyCounts: (laidAt: string) => `Looked at early (counts in ${laidAt})`,
  andTheClothsYou: 'And the cloths you wiped with since?',
  howDoTheyLie: 'How do they lie?',
  howDoTheCloths: 'How do the cloths lie?',
  lookAtTheCloths: 'Look at the cloths: are they cold?',
};

export const coatChanges = {
  coat: '1 coat',
  coats: (count: number) => `${count} coats`,
  thatWasTheLast: (name: string) => `That was the last of the ${name}`,
  stillPlannedStruckWith: (left: string, part: string) =>
    `${left} still planned ${part} struck, with the wipes and scuffs between. What is on stays on record, and setting begins with it. It can be taken back.`,
  thatWasTheLast2: 'That was the last',
  inYourWords: 'In your words',
  neededOnlyForAnother: 'needed only for another reason',
  coatOfItIs: 'coat of it is',
  coatsOfItAre: 'coats of it are',
  ofAtMostOn: (given: number, to: number, part: string) => `${given} of at most ${to} ${part} on.`,
  enoughThatWasThe: (name: string) => `Enough ${name}: that was the last`,
  notYetAnotherCoat: 'Not yet: another coat',
  noLotChosen: 'no lot chosen',
  givenToCome: (given: number, left: number) => `${given} given, ${left} to come`,
  toCoatsUntil: (from: number, to: number, name: string) => `${from} to ${to} coats, until ${name}`,
  anotherCoatOf: (name: string) => `Another coat of ${name}`,
  theLastCoatOf: 'The last coat of it once more, with its waits. The plan, what it takes and the promise follow.',
  anotherCoat: 'Another coat',
  from: 'From',
  asBefore: (number: string) => `${number}, as before`,
  whyIfYouLike: 'Why, if you like',
  stillDrinksLooksThin: 'still drinks; looks thin',
  anotherLotForThe: (name: string) => `Another lot for the ${name}`,
  fromTheNextCoat: 'From the next coat on. What was drawn before stays where it was drawn, and both lots stand on the record.',
  takeItFromThere: 'Take it from there',
  takeBack: (says: string) => `Take back: ${says}`,
  takeItBack: 'Take it back',
};

export const coats = {
  anotherCoatOf: (name: string) => `Another coat of ${name}`,
  thatWasTheLast: (name: string) => `That was the last of the ${name}`,
};

export const handStrip = {
  nextForHands: 'Next for hands',
  whoIsAtThis: 'Who is at this device? Touch your initials, then these buttons record for you.',
  nothingWaitsForHands: 'Nothing waits for hands. Start a batch under Work, and its steps stand here in their time.',
  thisPageRecordsIts: 'This page records its own act.',
  nothingToRecordHere: 'Nothing to record here now.',
  nothingWaitsForHands2: 'Nothing waits for hands.',
  more: ' more',
  takeBack: 'Take back',
};

export const logRoute = {
  aRecordIsSent: 'A record is sent as application/json.',
  thisIsNotJson: 'This is not JSON.',
};

export const moment = {
  inTheWarmCabinet: 'in the warm cabinet',
  atNearHeatOr: (name: string) => `at “${name}”, near heat or flame,`,
  standsWetWithSomething: (number: string, where: string, nowMs: string, afterWetHours: number) =>
    `${number} stands ${where} wet with something that gives off vapour, wiped ${nowMs} ago: take it out now. It may stand there after ${afterWetHours} h.`,
  theWarmCabinetWas: (tempC: string, atMostC: string) =>
    `The warm cabinet was read at ${tempC}: turn it down, at most ${atMostC}.`,
};

export const notice = {
  goToIt: 'Go to it',
  and: 'and ',
  more: ' more',
  whatWantsAPerson: 'What wants a person',
};

export const openBatches = {
  shakeItFirstAnd: 'Shake it first, and again while you work: its parts go asunder.',
  trialFieldsAlone: (number: string, treatment: string, tags: string) => `Trial ${number}, ${treatment}: fields ${tags} alone.`,
  theChemistrysOwnBound: (riskMin: string) => ` The chemistry’s own bound is ${riskMin}.`,
};

export const potClocks = {
  mixedPaintThrowAway: (until: string) => ` mixed paint: throw away after ${until}`,
  turnsOpaqueAboutLids: (opaqueAt: string, lidAt: string) => `turns opaque about ${opaqueAt}, lids from ${lidAt}`,
  coolingLidsFrom: (lidAt: string) => `cooling; lids from ${lidAt}`,
  coldLidsOn: 'cold: lids on',
  liddedEarly: 'Lidded early',
  lidded: 'Lidded',
};

export const recordButtons = {
  early: ' early',
  passed: 'Passed',
  notYet: 'Not yet',
};

export const riskWords = {
  theWindowIsPast: 'The window is past: look it over before you go on.',
  theCoatBeneathIs: 'the coat beneath is not ready for another',
  itHasNotDrunk: 'it has not drunk its fill, or is not dry enough',
  earlyRecordingItSays: (earliestMs: string, risk: string) => `${earliestMs} early: ${risk}. Recording it says so in the book.`,
};

export const timing = {
  atRiskPastIts: (nowMs: string) => `at risk: ${nowMs} past its window`,
  inFrom: (earliestMs: string, earliestMs2: string) => `in ${earliestMs}, from ${earliestMs2}`,
  untilLeft: (latestMs: string, latestMs2: string) => `until ${latestMs}, ${latestMs2} left`,
  laterThanPlannedNo: (slackUntilMs: string) => `later than planned (${slackUntilMs}); no harm`,
  planned: (plannedMs: string) => `planned ${plannedMs}`,
  whenYouAreReady: 'when you are ready',
  readySinceNothingSpoils: (idealMs: string) => `ready since ${idealMs}; nothing spoils`,
};

export const useAlarms = {
  mayBeDoneNow: (number: string, action: string) => `${number}: may be done now. ${action}.`,
  bestNow: (number: string, action: string) => `${number}: best now. ${action}.`,
  fiveMinutesLeft: (number: string, action: string) => `${number}: five minutes left. ${action}.`,
  isAtRiskNow: (number: string, action: string) => `${number} is at risk. ${action} now.`,
};

export const useRecord = {
  thisDeviceMustGive: 'This device must give the shop’s passcode again: reload the page. Nothing is lost.',
  sentNowKeptOn: (sent: number) => `Sent now: ${sent} kept on this device.`,
  sentNowWhatWas: 'Sent now: what was kept on this device.',
  soEarly: (done: string) => `${done} so early?`,
  early: (done: string) => `${done} early`,
  nothingWasRecordedHere: 'Nothing was recorded here that could be taken back. What stands in a coat book is put right there.',
  takenBack: (undone: string, number: string) => `Taken back: ${undone} · ${number}`,
  theShopDidNot: (says: string, number: string) =>
    `The shop did not answer: “${says}” of ${number} stands. Try again in a moment.`,
  takeBackOf: (says: string, number: string) => `Take back “${says}” of ${number}?`,
  itStaysInThe: 'It stays in the coat book, struck through, and what it drew goes back to its lot.',
  takeItBack: 'Take it back',
  andGoesToThe: ' and goes to the shop’s file as soon as it answers.',
  isWrittenDownOn: (done: string, then: string) => `${done} is written down on this device${then}`,
};

export const waitingRecords = {
  thisDeviceIsNearly: ' ▲ This device is nearly full.',
  mbStillFit: (megabytes: number) => ` ${megabytes} MB still fit.`,
  fromThisDeviceWas: (says: string, number: string, why: string) =>
    `▲ “${says}” ${number} from this device was not taken: ${why}`,
  oneRecordWaits: 'One record waits',
  recordsWait: (count: number) => `${count} records wait`,
  photosMb: (megabytes: string) => ` Photos: ${megabytes} MB.`,
  onThisDeviceFor: (count: string, megabytes: string, fits: string) =>
    `${count} on this device for the shop to answer; each keeps its own time.${megabytes}${fits}`,
};

export const ingredientPicker = {
  also: (alsoCalled: string) => `also ${alsoCalled}`,
  theShopsOwn: 'the shop’s own',
  boughtFinishAsA: 'bought finish, as a line of a formula',
  boughtFinishUsedAs: 'bought finish, used as it comes',
  forToolsItMay: ' For tools it may be received as what it is made of, ticked “for tools only”.',
  notUsedHere: (refuse: string, part: string) => `Not used here: ${refuse}.${part}`,
  thisNameSaysNothing: 'This name says nothing of what is inside.',
  isItSoldAs: (name: string) => `Is it ${name}, sold as that, with nothing added?`,
  differentLiquidsAreSold: 'Different liquids are sold under this name. What is really in the tin?',
  aBoughtFinish: 'A bought finish',
  mostLikelyEnterIt: 'most likely: enter it with what its label says',
  aMixOrThe: 'a mix, or the tin does not say',
  yesThatAndNothing: 'yes: that, and nothing else',
  typeAnyOfIts: 'Type any of its names',
  notChosenYetTake: '▲ Not chosen yet: take one from the list.',
  notAnIngredientThe:
    '▲ Not an ingredient the house can reckon with. Enter it in the stores as a bought finish, with what its label declares.',
  nothingByThatName: 'Nothing by that name. Try another, such as “white oil”, or enter it as a bought finish in the stores.',
};

export const cornerPicture = {
  markedEndNearSide: 'Marked end, near side',
  otherEndNearSide: 'Other end, near side',
  otherEndFarSide: 'Other end, far side',
  markedEndFarSide: 'Marked end, far side',
  whatWillBeRead: 'What will be read',
  acrossDown: (says: string, part: number, part2: number) => `${says}: ${part} % across, ${part2} % down`,
  theMarkedEnd: 'the marked end',
  percent: (part: string | undefined, part2: string) => `${part}, percent ${part2}`,
};

export const tradeBox = {
  cutThrough: (part: string) => `${part}, cut through`,
};

export const spoon = {
  long: (bowlLengthMm: string) => `${bowlLengthMm} long`,
};

export const tradeTurned = {
  acrossHighCutThrough: (part: string, high: string) => `${part} across, ${high} high, cut through`,
};

export const tradeShellActions = {
  saysItIsRight: (initials: string) => `${initials} says it is right`,
};

export const clockDoubt = {
  thisMachinesClockSays: '▲ This machine’s clock says ',
  butTheNewestRecord: ', but the newest record is of ',
  aClockThatWas: 'A clock that was set back would put coats and wipes before what they follow.',
  aClockThatRan: 'A clock that ran ahead would call every cure done and every date past.',
  nothingIsRecordedUntil: (part: string) =>
    `${part} Nothing is recorded until it is settled; what waits on a device stays there. Wrong: set the machine’s clock, then reload.`,
  theClockIsRight: 'The clock is right',
};

export const device = {
  atThisDevice: 'At this device',
  whoIsHere: 'Who is here?',
  daylight: 'Daylight',
  dim: 'Dim',
};

export const rail = {
  rendle: 'Rendle',
  stations: 'Stations',
  keys: 'Keys',
};

export const shell = {
  toTheContent: 'To the content',
  theShopsFileIs: '▲ The shop’s file is damaged: ',
  recordOnPaperFrom:
    '. Record on paper from now on, stop the shop, and put the newest good copy back (docs/running.md, “Copies, and going back to one”).',
};

export const wrongWords = {
  aWrongPasscode: 'A wrong passcode',
  wrongPasscodes: (wrong: number) => `${wrong} wrong passcodes`,
  from: (wrong: string) => `▲ ${wrong} from `,
  nobodyNewComesIn: (until: string) => `; nobody new comes in from there before ${until}`,
  theLastAt: (last: string, until: string) => `, the last at ${last}${until}.`,
};

export const tried = {
  whatWasTried: 'What was tried',
  notAnsweredYet: 'Not answered yet.',
};

export const unsell = {
  notSoldAfterAll: 'Not sold after all',
  takeTheSaleBack: 'Take the sale back',
  thePiecesAre: (count: number) => `The ${count} pieces are`,
  thePieceIs: 'The piece is',
  forSaleAgainThe: (count: string) =>
    `${count} for sale again. The slip no longer counts, the dates go, a tin that went with it comes back to the shelf. That it was sold and taken back stays written.`,
  takeItBack: 'Take it back',
};

export const useTicks = {
  whatItIsFor: 'What it is for',
  somebodyCouldTakeIt: 'Somebody could take it for tableware',
  chooseAtLeastOne: '▲ Choose at least one: it decides which gates stand before a sale.',
};

export const why = {
  why: 'why?',
};
