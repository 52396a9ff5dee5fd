export const changes = {
  itsRelease: 'Its release',
  letters: 'Letters',
  theLot: 'The lot',
  itsCure: 'Its cure',
  theRegimen: 'The regimen',
  rendlesFactsAndJudgements:
    'Rendle’s facts and judgements were put right since this shop’s file was begun. Old release records stay as they were signed. What that means for what stands here:',
  nothingThatWasNot: 'Nothing that was not read yet.',
  keptHere: (reason: string) => `Kept here: ${reason}.`,
  keepOurOwn: 'Keep our own',
  allAreRead: (count: number) => `All ${count} are read`,
};

export const noticeButtons = {
  sayWhatBecomesOf: 'Say what becomes of them',
  whatBecomesOf: (number: string) => `What becomes of ${number}`,
  everyGateThatIs: 'Every gate that is not met may be signed for, with a reason that is kept.',
  aGateThatIs:
    'A gate that is not met may be signed by nobody: they are not sold as what they were made for. Say what the design is for, if that was only guessed, or keep them here.',
  theyAre: 'They are',
  keptHereNotSold: 'kept here, not sold',
  soldAllTheSame: 'sold all the same',
  takeTheMendedOne: 'Take the mended one',
};

export const factWords = {
  held: (number: string | undefined, tags: string) => `${number}: ${tags} held`,
  byWhatIsKnown: (title: string | undefined, tags: string | undefined, gates: string) =>
    `${title}, ${tags}. By what is known now these gates are not met: ${gates}. Nothing of it is sold until you say what becomes of it.`,
  soldBefore: (number: string | undefined, codes: string) => `${number}: ${codes} sold before`,
  todayItWouldBe: (title: string | undefined, gates: string) =>
    `${title}. Today it would be refused: ${gates}. A letter to each owner whose address is kept lies as a draft under Care, Letters; none is sent until you send it. Judge each: a letter may alarm where a word is enough.`,
  keepsLessLong: (number: string | undefined) => `${number}: keeps less long`,
  byWhatIsKnownNow: (title: string | undefined, now: string, printed: string) =>
    `${title}. By what is known now it keeps until ${now}; what is printed, ${printed}, stands. Smell it before use, and give its new tins the earlier date.`,
  fitAtAnotherTime: (number: string | undefined) => `${number}: fit at another time`,
  aDateOnWhich: 'A date on which it is almost surely fit cannot be said.',
  almostSurelyFit: (surelyMs: string) => `Almost surely fit ${surelyMs}.`,
  itsFinishWasReckoned: (before: number | undefined, part: string, now: string | number | undefined, surelyMs: string) =>
    `Its finish was reckoned with ${before} h at ${part}, now with ${now} h. ${surelyMs}`,
  aMendedRevisionIs: (name: string | undefined) => `${name}: a mended revision is offered`,
  youHaveYourOwn:
    'You have your own revision, and it stands. The shipped one was mended: the warm cabinet, waits and bounds of finishes. Compare them under Regimens; batches that began keep theirs.',
};
