export const checkForm = {
  checkItNow: 'Check it now',
  layItInThe: 'Lay it in the warm for an hour first: what weeps comes out then.',
  seenBeforeYouChoose: 'Seen, before you choose (may stay empty)',
  opensTheRelease: ' opens the release',
};

export const fanChart = {
  fitFromHere: 'fit from here',
  filledMarkACheck: 'Filled mark: a check that passed; hollow: one that did not. ',
  thinLineTheEstimate: 'Thin line: the estimate without them. ',
  redNothingWasRead: '; red, nothing was read',
  bandEarlyToLate: (words: string, part: string, part2: string, part3: string) =>
    `${words} ${part}${part2}Band: early to late date. Beneath: temperature as read, dotted where it is only expected; grey, the humidity${part3}.`,
};

export const readingForm = {
  readTheRoom: 'Read the room',
  place: 'Place',
  temperature: 'Temperature',
  humidity: 'Humidity',
};

export const cureWeighForm = {
  weighTheTestPiece: 'Weigh the test piece',
  theTestPieceOn: 'The test piece on the scale',
  alwaysTheSamePiece: 'Always the same piece on the same scale, dry cloth beneath, no fresh oil on it.',
  itWeighs: 'It weighs',
};

export const whatIf = {
  atADateThat: 'at a date that cannot be said',
  whatIf: 'What if',
  whatIfFromNow: 'What if from now on it stood',
  whereItIs: 'where it is',
  inOtherAirType: 'in other air: type it',
  temperature: 'Temperature',
  likeCOrF: 'like 25 °C or 77 F',
  humidity: 'Humidity',
  like: 'like 45 %',
  settled: 'settled',
  cured: 'cured',
  mostLikely: (part: string) => `Most likely ${part} `,
  almostSurelyBy: ', almost surely by ',
  noDifferent: 'no different.',
  sooner: 'sooner',
  later: 'later',
  anEstimate: 'An estimate.',
  by: 'by ',
  almostSurelyWhereIt: (part: string, p90: string) =>
    `Almost surely ${part}${p90} where it stands. Choose another place to see what that changes.`,
};

export const curePage = {
  toItsTrial: 'To its trial',
  toRelease: 'To release',
  itNeverDriesAnd: (batch: string) => `It never dries and is never called cured: it settles. ${batch}`,
  aBarePieceNeither: 'A bare piece neither cures nor settles.',
  partOfWhatIs: 'Part of what is on it dries and part never does: it stays tacky, and no date can be said.',
  itsLastCoatStill: 'Its last coat still lies wet, or it is still in its bath: setting begins when it is wiped.',
  theLastCoatIs: 'The last coat is still to come; the estimate begins there.',
  noDifferent: 'no different',
  itsWaitsHereAnd: 'Its waits, here and elsewhere',
  ifHandsAreAlways:
    'If hands are always there. A step that leads to a place of its own stands there whatever is chosen now; the rest goes by the air of the place.',
  standingAt: 'Standing at',
  nextAct: 'Next act',
  lastCoat: 'Last coat',
  againstHere: 'Against here',
  whereItIs: 'where it is',
  nothingWasReadWhere: (tempC: string, rh: string) => `Nothing was read where it stood: reckoned with ${tempC} and ${rh}.`,
  nothingWasReadFrom: (fromMs: string, fromMs2: string, toMs: string) =>
    `Nothing was read from ${fromMs} on ${fromMs2} for ${toMs}; that is bridged by what is usual there.`,
  reckonedFromHoursRead: (count: number, where: string, hole: string, tempC: string, rh: string) =>
    `Reckoned from ${count} hours read where it stood, now at the ${where}. ${hole} The coming week is expected at ${tempC} and ${rh}, by the hour of the day and the season as read there.`,
  halfByNineIn: (part: string, part2: string) => `half by ${part}, nine in ten by ${part2}`,
  tooMuchSpeaksAgainst: (unsayable: string) => `${unsayable}: too much speaks against it ever being ready`,
  mostLikely: (unsayable: string) => `most likely: ${unsayable}`,
  mostLikelyBy: (p50: string) => `most likely by ${p50}`,
  almostSurely: (unsayable: string) => `almost surely: ${unsayable}`,
  almostSurelyBy: (p90: string) => `almost surely by ${p90}`,
  atTheEarliest: (p10: string, p50: string, p90: string) => `${p10} at the earliest, ${p50}, ${p90}`,
  likelyNow: (pReady: string, cure: string, dates: string) => `${pReady} likely ${cure} now; ${dates}.`,
  likelyAnEstimate: (cure: string) => `likely ${cure}, an estimate`,
  laidOnGM: 'Laid on, g/m²',
  sinceLastCoat: 'Since last coat',
  countsAs: 'Counts as',
  at: (ageHours: string, part: string) => `${ageHours} at ${part}`,
  suchAreReady: 'Such are ready',
  aCoatTookFar: 'A coat took far more than such coats take: how long a thick coat sets is not known, so go by the checks. ',
  soMuchFailedThat: 'So much failed that it may never be ready: look at it, strip it or begin again. ',
  theShippedHWere: (shippedHours: number, learnedFrom: number) =>
    `The shipped ${shippedHours} h were moved by ${learnedFrom} of your own batches.`,
  theHoursAreIts: 'The hours are its label’s: its maker’s word stands for the house’s figure, and your checks overrule both.',
  aWorkingFigureOf: 'A working figure of the trade, erring late; your own released batches will move it.',
  checksSoFar: 'Checks so far',
};

export const cure = {
  cure: 'Cure',
  nothingCuresOrSettles: 'Nothing cures or settles now. A batch stands here from its last coat on.',
  estimatesFromTheRooms:
    'Estimates from the room’s readings and your checks; working figures of the trade that err late. The estimate alone releases nothing.',
  whatWouldHurryThem: 'What would hurry them ',
  sun: 'sun: ',
  warmth: ' warmth: ',
  allReadyBy: 'All ready by',
  reckon: 'Reckon',
  noOtherPlaceWould: 'No other place would bring anything forward.',
  eachByItselfWith:
    'Each by itself, with the room that is left now, by what each place will be like this week. What is still to be coated, and what only settles, is not in it. Estimates.',
  theAirNow: 'The air now',
  noReading: 'no reading',
  aPracticeLoggersWeek: 'A practice logger’s week as a file',
  or: ' or ',
  itsYearFromA: 'its year, from a clock that is an hour ahead',
  toThe: (number: string, place: string, readyMs: string) => `${number} to the ${place} (${readyMs})`,
  thenWord: ', then ',
  toHaveThemReady: (by: string, moves: string) => `To have them ready by ${by}: ${moves}.`,
  noMoveIsNeeded: (by: string) => `No move is needed, or helps, for ${by}.`,
  notAlmostSurelyReady: (late: string) => `▲ Not almost surely ready then: ${late}.`,
  byTheEstimateAll: 'By the estimate all that cure now would be.',
  atThe: (name: string) => `${name}, at the `,
  likely: (cure: string, readyAtMs: string) => `likely ${cure} ${readyAtMs}`,
  carry: 'Carry ',
  toTheAlmostSurely: (place: string) => ` to the ${place}: almost surely fit `,
  sooner: (gainMs: string) => `, ${gainMs} sooner`,
  andInTimeFor: ' ● and in time for its date',
  readingsIn: 'Readings in',
  readingsOfThe: (name: string) => `Readings of the ${name}`,
  aRoomLoggersFile:
    'A room logger’s file: time, temperature, humidity, in whatever order, unit and decimal mark it writes. What it was taken for is shown before anything is kept.',
};

export const elsewhere = {
  atThe: (name: string) => `at the ${name}`,
  onASillIn: 'on a sill in May',
  onTheRackHeating: 'on the rack, heating off at night',
};

export const practiceLogger = {
  thereIsNoSuch: 'There is no such place.',
};

export const readingsFile = {
  dayThenMonth: 'day, then month',
  monthThenDay: 'month, then day',
  anHourSlow: 'an hour slow',
  anHourFast: 'an hour fast',
  cannotBeToldFor: ' (cannot be told for sure: say below)',
  dates: (order: string, part: string) => `dates ${order}${part}`,
  humidityInPercent: 'humidity in percent',
  humidityAsTo: 'humidity as 0 to 1',
  decimal: (decimal: string) => `decimal ${decimal}`,
  keepReadings: (count: number) => `Keep ${count} readings`,
  itsDatesAre: 'Its dates are',
  itsClockWas: 'Its clock was',
  readingsTo: (count: number, atMs: string, atMs2: string) => `${count} readings, ${atMs} to ${atMs2}`,
  noReading: 'no reading',
  theLoggersClockIs: (aheadMs: string) => `The logger’s clock is ahead by ${aheadMs}: its times are moved back by that.`,
  lieInTheFuture: (ahead: number) => `${ahead} lie in the future and are left out: the logger’s clock is ahead.`,
  aGapOfFrom: (toMs: string, fromMs: string) =>
    `A gap of ${toMs} from ${fromMs}: it is shown, and bridged by what is usual there.`,
  andMoreGaps: (count: number) => `and ${count} more gaps`,
  row: (row: number, issue: string) => `Row ${row}: ${issue}`,
  andMoreRowsThat: (count: number) => `and ${count} more rows that cannot be read`,
};

export const weighIn = {
  ofAtLeastWeighings: (count: number, leastWeighings: number) =>
    `${count} of at least ${leastWeighings} weighings. Four say something; one a day, longer than you think it cures, says it well.`,
  leftItUntilAfter: (lostG: string, lostUntil: string) => `${lostG} left it until ${lostUntil} after the last coat.`,
  cameFromTheAir: (gainedG: string) => `${gainedG} came from the air as the oil set.`,
  itsWeightNeverChanged: 'Its weight never changed beyond the scale’s own scatter.',
  sinceAboutItChanges: (fromHours: string, low: string, high: string) =>
    `Since about ${fromHours} it changes no more (nine in ten: ${low} to ${high}).`,
  itStillChangesNo: 'It still changes: no plateau yet.',
  theAirHardlyChanged: 'The air hardly changed since: moisture moved it by nothing a scale would show.',
  noBarePieceWas: (lowG: string, highG: string) =>
    `No bare piece was weighed beside it: by its wood’s moisture alone the air since then may have moved it by ${lowG} to ${highG} at most.`,
  weighIn: 'Weigh-in',
  solventLeavesThenOxygen:
    'Solvent leaves, then oxygen is taken up, then it rests. Evidence beside the estimate; it releases nothing by itself.',
};

export const words = {
  steps: (count: number) => `${count} steps`,
  itsLastStep: 'its last step',
  theEstimateAtNine: 'the estimate at nine in ten',
  aCheckThatOpens: 'a check that opens it, passed in the last 48 h, and none of another kind failed since',
  theRegimensLeastTime: 'the regimen’s least time',
  fitItCanGo: 'Fit: it can go to release.',
  stillWants: (left: string) => `Still wants ${left}.`,
  dryToTheTouch: 'Dry to the touch',
  mayBeRecoated: 'May be recoated',
  mayBeHandled: 'May be handled',
  mayBeBuffed: 'May be buffed',
  fitForFood: 'Fit for food',
  mayBeSold: 'May be sold',
  notGreasyToThe: 'Not greasy to the touch',
  mayBeOiledAgain: 'May be oiled again',
  settledFitForFood: 'Settled, fit for food',
  noDateCanBe: 'no date can be said',
  atTheEarliestAnd: (p50: string, p10: string) => `${p50} (${p10} at the earliest, and perhaps never)`,
  forSure: (unsayable: string) => `${unsayable} for sure`,
  surely: (surelyMs: string) => `surely ${surelyMs}`,
  likely: (surely: string) => `likely; ${surely}`,
  likely2: (likelyMs: string, surely: string) => `likely ${likelyMs}, ${surely}`,
  cleanPaperStayedClean: (sinceMs: string) => `Clean paper stayed clean ${sinceMs}.`,
  itWeepsPaperTook: (sinceMs: string, wipeByMs: string) => `It weeps: paper took oil ${sinceMs}. Wipe it again ${wipeByMs}.`,
  fromTheBathIt: 'From the bath it leaches for hours to days',
  itMayWeep: 'It may weep',
  wipeItInThe: (from: string) => `${from}: wipe it in the warm until clean paper stays clean.`,
};
