export const answers = {
  theAnswer: 'The answer',
  afterAgainstTheDot: (atCycle: string, blocks: string, against: string) =>
    `After ${atCycle}, ${blocks}, against ${against}. The dot is what was found, the bar holds the truth four times in five; right is better.`,
  untilItMustBe: 'Until it must be renewed',
};

export const boardFlip = {
  boardAfterCycles: (board: number, cycle: number, lamp: string) => `Board ${board} after ${cycle} cycles, ${lamp}`,
  picturesOfOneBoard: 'Pictures of one board at two cycles',
  board: 'Board',
  light: 'Light',
  leftAfter: 'Left: after',
  rightAfter: 'Right: after',
  cycles: (cycle: number) => `${cycle} cycles`,
  swipeBetweenTheTwo: 'Swipe between the two',
  stopBlinking: 'Stop blinking',
  blink: 'Blink',
};

export const cycleCounter = {
  cycles: 'Cycles',
  takeTheLastOne: 'Take the last one back',
  somethingElseWasDone: 'Something else was done to them',
  oneBack: 'one back',
  countedBesideTheAnswer: 'Counted beside; the answer goes by the trial’s own cycles.',
};

export const finishTrial = {
  openItAgain: 'Open it again',
  closeTheTrial: 'Close the trial',
  closeIt: 'Close it',
  whatYouMakeOf: 'What you make of it',
  whatItShowedOr: 'what it showed, or why it was given up',
};

export const pictureDesk = {
  pictureOfABoard: 'Picture of a board',
  board: 'Board',
  evenForTheColour: 'even, for the colour',
  lowLampForThe: 'low lamp, for the gloss',
  afterCycles: (cycle: number) => `After ${cycle} cycles`,
  alwaysFromTheSame:
    'Always from the same place in the same light, no flash. A grey card cut in four lies beside the long sides at the corners, at the board’s own height.',
  typeTheCorners: 'Type the corners',
  readItsFields: 'Read its fields',
  keepThisPicture: 'Keep this picture',
  glare: (part: string) => `glare ${part} %`,
  bare: 'bare',
};

export const planForm = {
  whatItIsAbout: 'What it is about',
  tungOrLinseedOn: 'Tung or linseed on spoons',
  layItOut: 'Lay it out',
  aBatchBeginsFor:
    'A batch begins for each finish and one for the bare fields: they stand on the hand strip, draw on lots and cloths, and are never sold nor learned from.',
  theQuestion: 'The question',
  itMustBeRenewed: 'It must be renewed at',
  lookedAtAsWell: 'Looked at as well',
  finishes: 'Finishes',
  bareWoodAlways: ' Bare wood, always',
  regimen: 'Regimen',
  calledIfOtherwise: 'Called, if otherwise',
  coat: 'coat',
  coats: 'coats',
  timesTheMiddleOne: (times: string, coatsForEqual: number | null, part: string) =>
    `: ${times} times the middle one. ${coatsForEqual} ${part} would come nearer; the page of its batch gives one more or one less.`,
  stayOnTheWood: (part: string, solidsPerM2: string, times: string) => `${part}${solidsPerM2} stay on the wood${times}`,
  withoutIt: 'Without it',
  oneMoreFinish: 'One more finish',
  alongTheFields: 'Along the fields',
  mm: '360 mm',
  across: 'Across',
  mm2: '120 mm',
  whatOneCycleIs: 'What one cycle is',
  howItIsDone: 'How it is done, each time alike',
  howTheFieldsLie: 'How the fields lie',
  layThemOtherwise: 'Lay them otherwise',
  sayHowManyBoards: 'Say how many boards there are and how large they are.',
  board: (part: number) => `Board ${part}`,
  boardFromTheMarked: (part: number, fields: string) => `Board ${part}, from the marked end: ${fields}`,
  everyFinishOnceA:
    'Every finish once a board, each place as often as the others: no end of a board and no streak of its wood favours one. Tape between; the dot is the marked end.',
  whatItCanTell: 'What it can tell',
  moreBoardsThanAre: 'More boards than are drawn here.',
  oneBoard: 'One board',
  boards: (boards: number) => `${boards} boards`,
  cannotTellWhichIs: (boards: string) => `▲ ${boards} cannot tell which is better: it shows how they look, no more.`,
  boardsTellOneGrade: (boards: number) => `${boards} boards tell one grade of difference `,
  timesIn: (told: number) => `${told} times in 100`,
  wouldTellItFour: (enough: number) => `; ${enough} would tell it four times in five.`,
  takeMoreOrFewer: '; take more, or fewer finishes.',
  madeUpTrialsBy:
    'Made-up trials by the same verdict; two scores of one finish are taken to lie 0.7 of a grade apart, until your own say otherwise. ',
};

export const scoreDesk = {
  backToTheTrial: 'Back to the trial',
  cycle: 'cycle',
  cycles: 'cycles',
  blind: ', blind',
  after: (cycle: number, part: string, part2: string) => ` after ${cycle} ${part}${part2}`,
  sayFirstWhoIs: '▲ Say first who is at this device, on any page of the shop.',
  scoredBySomeoneWho: 'Scored by someone who sees only tags',
  handTheTabletOver:
    'Hand the tablet over. No finish is named from here on; fields come in no order. Whoever scores should not have laid the coats.',
  whoScoresIfIt: 'Who scores, if it is not you',
  keptWithTheScores: 'kept with the scores; several people’s are averaged',
  beginToScore: (count: number) => `Begin: ${count} to score`,
  score: 'Score',
  ofWord: (at: number, count: number) => `${at} of ${count}`,
  boardFieldFromThe: (board: number, place: number, name: string) => `board ${board}, field ${place} from the marked end${name}`,
  theOneBeforeAgain: 'The one before again',
  allScored: 'All scored',
  thankWhoeverGaveThem: 'Thank whoever gave them.',
  scoresAreKept: (count: number, part: string) => `${count} scores are kept. ${part}`,
  goThroughThemAgain: 'Go through them again',
  theDropLies: 'The drop lies',
  itNoLongerShines: 'It no longer shines',
  orItsSeconds: 'Or its seconds',
};

export const finishes = {
  howTheyLie: 'How they lie',
  board: (part: number, fields: string) => `Board ${part}: ${fields}`,
  theFinishes: 'The finishes',
  timesTheMiddleOne: (times: string) => `▲ ${times} times the middle one: more finish, not only another one.`,
  nothingOnIt: 'nothing on it',
  stay: (coats: number, part: string, solids: string) => `${coats} ${part}, ${solids} stay`,
  next: (next: string) => `; next: ${next}`,
  allStepsDone: '; all steps done',
};

export const newTrial = {
  layOutATrial: 'Lay out a trial',
};

export const pictures = {
  pictures: 'Pictures',
  sideBySide: 'Side by side',
  boardEveryFinishOver: 'Board 1, every finish over its cycles, at one scale: as photographed, beneath it the colour as read',
  after: (cycle: number) => `after ${cycle}`,
  afterCycles: (name: string, cycle: number) => `${name} after ${cycle} cycles`,
};

export const trialsTrialsRoutes = {
  thereIsNoSuch: 'There is no such trial.',
};

export const trialPage = {
  closed: (closedAt: string) => `, closed ${closedAt}`,
  ofLaidOut: (name: string, name2: string, boards: number, wood: string, lengthMm: string, widthMm: string, at: string) =>
    `${name}. ${name2}: ${boards} of ${wood}, ${lengthMm} × ${widthMm}. Laid out ${at}.`,
  templateAndTags: 'Template and tags',
  asATable: 'As a table',
  oneSheet: 'One sheet',
  next: (name: string, next: string) => `${name} (next: ${next})`,
  still: (name: string, part: string) => `${name} (still ${part})`,
  whatIsNext: 'What is next',
  notReadyToBe: '▲ Not ready to be worn:',
  aCycleNowWould: (early: string) =>
    ` ${early}. A cycle now would wash what has not set, and the others would look better than they are.`,
  theLastOne: (at: string) => `The last one ${at}.`,
  scoreAndPictureThem: 'Score and picture them first as they are: that is cycle 0.',
  scoreThemBlind: 'Score them blind',
  scoreWithNamesShown: 'Score with names shown',
  nothingScoredAtThis: 'Nothing scored at this cycle yet.',
  scoresAtThisCycle: (scored: number) => `${scored} scores at this cycle.`,
  takePicturesThatMeasure: 'Take pictures that measure',
  backToTheTrial: 'Back to the trial',
  board: 'Board 1',
};

export const trials = {
  nothingIsScoredOn: 'Nothing is scored on every board yet.',
  trials: 'Trials',
  layOutATrial: 'Lay out a trial',
  whichFinishIsBetter:
    'Which finish is better, on your wood, washed your way? A trial lays them side by side on the same boards with a bare field between, and says whether what you see is a difference or chance. Half a board will do to begin with.',
  closed: 'Closed',
};
