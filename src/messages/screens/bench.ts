export const benchPage = {
  noPiecesLeft: 'No pieces left',
  allStepsDone: 'All steps done',
};

export const benchView = {
  untilItMayBe: 'until it may be done',
  pastItsWindow: 'past its window',
  untilTheBestMoment: 'until the best moment',
  nothingSpoils: 'nothing spoils',
  thisDevicesClockIs: (off: string) => `This device’s clock is ${off} off the shop’s; times are recorded by the shop’s.`,
  warmingIt: 'Warming it?',
  houseRule: 'House rule:',
  moreCoatsOrFewer: 'More coats, or fewer',
  sayFirstWhoIs: '▲ Say first who is at this device, on any other screen.',
  pieces: (round: string, pieces: number) => `${round}, ${pieces} pieces`,
  done: 'Done',
  takeBack: (lastDone: string) => `Take back${lastDone}`,
};

export const handsFree = {
  notRecordedItWants: 'Not recorded: it wants a verdict. Touch what you see.',
  notRecordedItWantsIts: 'Not recorded: it wants its grams. Type them.',
  notRecordedItIs: 'Not recorded: it is too early.',
  notRecordedItIsPast: 'Not recorded: it is past its window. Look first, then touch.',
  notRecordedSayFirst: 'Not recorded: say first who is at this device.',
  notRecordedLookAt: (number: string) => `Not recorded: ${number}. Look at the screen.`,
  nothingWasRecordedHere: 'Nothing was recorded here that could be taken back.',
  takenBack: (lastDone: string) => `Taken back: ${lastDone}.`,
  handsFreeListeningFor: 'Hands free: listening for knocks',
  handsFreeByPedal: 'Hands free: by pedal',
  handsFreeKnocksOr: 'Hands free: knocks or a pedal',
  twoKnocksOnThe:
    'Two knocks on the bench record what is next, three take it back. Only an act inside its window that needs no figure and no verdict is recorded so, and it is said back aloud. The microphone hears how loud it is and nothing else; no sound is kept or leaves this device.',
  stopListening: 'Stop listening',
  listenForKnocks: 'Listen for knocks',
  knockTimesASecond: (knocks: number, heard: number) =>
    `Knock ${knocks} times, a second apart, as you will: ${heard} of ${knocks} heard.`,
  listening: '● Listening.',
  notOverPlainHttp:
    '▲ Not over plain http: browsers lend the microphone only to a secure address (https), or on the shop’s own machine. A pedal works here.',
  theBrowserDidNot: '▲ The browser did not lend its microphone. Allow it for this page, or use a pedal.',
  thoseThreeWereToo: '▲ Those three were too unlike each other. Try again, on one spot.',
  pressThePedalNow: 'Press the pedal now …',
  aPedalOrClicker: 'A pedal or clicker',
  noPedal: 'No pedal',
};

export const roundPanel = {
  isNoOpenBatch: (mark: string) => `“${mark}” is no open batch or piece that waits for hands.`,
  openBatches: 'Open batches',
  noBatchWaitsFor: 'No batch waits for hands.',
  inHand: 'In hand',
  nothingYetChooseOn: 'Nothing yet: choose on the left, type a mark, or read a tag.',
  sayFirstWhoIs: '▲ Say first who is at this device.',
  markOrNumber: 'Mark or number',
  takeInHand: 'Take in hand',
  cameraOff: 'Camera off',
  readByCamera: 'Read by camera',
  early: ' early',
};

export const useCamera = {
  thisBrowserReadsNo: 'This browser reads no codes by camera here. Type the mark or the number instead.',
  theCameraIsNot: 'The camera is not free or was refused. Type the mark or the number instead.',
};

export const round = {
  wipeTheseThreeThen:
    'Wipe these three, then flood that one. Choose the batches in hand; what they wait for is recorded for all of them at once.',
};
