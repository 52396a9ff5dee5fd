export const dayLine = {
  today: 'Today',
  closed: 'closed',
  heldThere: ' (held there)',
  closed2: ': closed',
  nothingPlanned: ': nothing planned',
};

export const moveRing = {
  noPlaceIsCalled: (place: string) => `No place is called “${place}”.`,
  noOpenBatchIs: (batch: string) => `No open batch is called “${batch}”. Type its number, or only its last three figures.`,
  move: 'Move',
  to: 'to',
  sill: 'sill',
};

export const pegSheet = {
  heldThere: ', held there',
  to: (fromMs: string, toMs: string, who: string, part: string) => `${fromMs} to ${toMs}${who}${part}`,
  window: 'Window',
  nothingBoundsIt: 'nothing bounds it',
  fromNothingSpoils: (earliestMs: string) => `from ${earliestMs}; nothing spoils`,
  toHarmOutsideIt: (earliestMs: string, latestMs: string) => `${earliestMs} to ${latestMs}: harm outside it`,
  slack: 'Slack',
  untilNothingElseMoves: (slackUntilMs: string) => `until ${slackUntilMs} nothing else moves`,
  none: 'none',
  holdItAt: 'Hold it at',
  tomorrowFriEverythingElse: 'tomorrow 9, fri 14:00; everything else goes round it',
  holdItThere: 'Hold it there',
  letThePlanChoose: 'Let the plan choose',
  coatBookOf: (number: string) => `Coat book of ${number}`,
  stepsOneAfterThe: (count: number) => `${count} steps, one after the other`,
  touchOneToSee: 'Touch one to see its window, or to hold it at a time of your own.',
};

export const rack = {
  cooling: 'Cooling',
};

export const daySheet = {
  dayBefore: 'Day before',
  dayAfter: 'Day after',
  today: 'Today',
  plannedThePlanMoves: (name: string, nowMs: string) => `${name}. Planned ${nowMs}; the plan moves when something is recorded.`,
  noHandWorkIs: 'No hand-work is planned for this day.',
  aRagLineIs: 'A rag line is open: answer it before anyone leaves. ',
  flatAndSingleOn: (part: string) =>
    `${part}Flat and single on metal, stone or outdoors, or under water in a lidded metal can. Never in a heap, never in a bin. Look at them next morning.`,
  notBeforeNotAfter: (earliestMs: string, latestMs: string) => `not before ${earliestMs}, not after ${latestMs}`,
  notBefore: (earliestMs: string) => `not before ${earliestMs}`,
};

export const firstSteps = {
  bringIn: 'Bring in',
  theFirstOilAnd: 'The first oil and the first wax, and the tins to fill.',
  mix: 'Mix',
  aBlendByWeight: 'A blend by weight: its feel, its heat, and how many tins it fills.',
  finish: 'Finish',
  aBatchWhichPiece: 'A batch: which piece, which wood, which finish. Its steps come up here in their time.',
  handOver: 'Hand over',
  judgedFitSoldWith: 'Judged fit, sold, with a slip that says how to keep it.',
  howItGoes: 'How it goes',
  doneOnce: 'Done once.',
};

export const handsFeed = {
  roundOf: (round: number, rounds: number) => `, round ${round} of ${rounds}`,
  thePlanMovesWhen: (batch: string, round: string) => `${batch}${round}. The plan moves when something is recorded.`,
  nobodyHereHasThese: 'Nobody here has these initials.',
};

export const today = {
  clearUntil: (opaqueMs: string) => `clear until ${opaqueMs}`,
  lidFrom: (lidMs: string) => `lid from ${lidMs}`,
  coldLidOn: 'cold: lid on',
  noReadingYet: 'no reading yet',
  thing: 'thing',
  things: 'things',
  batchIs: 'batch is',
  batchesAre: 'batches are',
  heldFromSale: (holds: number, part: string) => `, ${holds} ${part} held from sale`,
  toRead: (count: number, part: string, holds: string) => `: ${count} ${part} to read${holds}.`,
  onTheRack: 'On the rack',
  theWeekForHands: 'The week for hands',
  todaysSheetForThe: 'Today’s sheet for the wall',
  all: 'all',
  calendarOfHandWork: (who: string) => `Calendar of ${who} hand-work`,
  runningLow: (low: string) => `Running low: ${low}.`,
  cannotBeHeldAt: (startAt: string, batchId: string) =>
    ` cannot be held at ${startAt} (${batchId}): its window or someone’s hands do not allow it. The plan goes on without.`,
  step: 'step',
  steps: 'steps',
  sinceWasRecorded: (number: string, recordedAt: string) => `, since ${number} was recorded ${recordedAt}`,
  thePlanIsMade: 'The plan is being made anew. What stands here is the one before; it changes by itself in a moment.',
  thePlanMoved: (count: number, part: string, number: string) => `The plan moved ${count} ${part}${number}`,
  andMore: (count: number) => `and ${count} more`,
  hands: 'Hands',
  everyone: 'everyone',
  place: 'Place',
  everywhere: 'everywhere',
  show: 'Show',
};
