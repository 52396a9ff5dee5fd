export const litreOrBottle = {
  aLitreInsteadOf: 'A litre instead of a bottle',
  ofWord: 'Of',
  usedAMonth: 'Used a month',
  keepsMonths: 'Keeps, months',
  theSmallOne: (currency: string) => `The small one, ${currency}`,
  holds: 'holds',
  theLargeOne: (currency: string) => `The large one, ${currency}`,
  theLargeOneSaves: 'The large one saves ',
  theLargeOneCosts: 'The large one costs ',
  aYear: (perYear: string, currency: string) => `${perYear} ${currency} a year`,
  more: ' more',
  ofItGoesOff: (part: number) => `${part} % of it goes off before it is used.`,
  allOfItIs: 'All of it is used in time.',
  reallyAgainstAKilogram: (part: string, large: string, small: string, currency: string, part2: string) =>
    `${part}: really ${large} against ${small} ${currency} a kilogram. ${part2}`,
  typeWhatTheLarge: 'Type what the large one costs and holds.',
};

export const cost = {
  anOwnerWhoRe: 'an owner who re-oils',
  youForThem: 'you, for them',
  weighingsOfACoat: (count: number) => `${count} weighings of a coat`,
  minutesOfBatches: (count: number) => `minutes of ${count} batches`,
  monthsOfWhatIs: (count: number) => `${count} months of what is used`,
  boardsOfAWashing: (count: number) => `${count} boards of a washing trial`,
  whatCameBackOf: (count: number) => `what came back of ${count} sold`,
  whatAFinishCosts: 'What a finish costs',
  noFinishInThe:
    'No finish in the stores suits this piece, or there is no design yet. “Which finish?” says what stands in the way.',
  overTheYears: 'Over the years',
  overYears: (years: string) => `Over ${years} years`,
  after: (years: string) => `After ${years} `,
  hasCostLessThan: (cheap: string) => ` has cost less than ${cheap}, though it begins dearer.`,
  whatIsCheapestOn: 'What is cheapest on the first day stays so: no lines cross within these years.',
  nothingNoHoursPrice: 'nothing: no hour’s price is entered',
  anHour: (hourMinor: number) => `${hourMinor} an hour`,
  moneyInForOne: (currency: string, hourMinor: string, by: string) =>
    `Money in ${currency} for one piece, hands at ${hourMinor}, kept up by ${by}. Rings: where two have cost the same.`,
  months: (part: number) => `${part} months`,
  years: (years: string) => `${years} years`,
  keptUpBy: 'Kept up by',
  years2: 'Years',
  reckon: 'Reckon',
  eachFinish: 'Each finish',
  theSameWithOther: (count: number) => `The same with other lots, ${count} more`,
  withoutAPrice: 'Without a price',
  tooLittleIsReckoned: 'Too little is reckoned of these: enter what their lots cost to compare them.',
  finishesAGateWould:
    'Finishes a gate would refuse for this piece are not reckoned. The cheapest is not the best: it is the cheapest.',
  contentsNotAllDeclared: ' (contents not all declared: it must be signed for)',
  atFirstEachYear: (first: string, perYearUpkeep: string, total: string, total2: string) =>
    `${first} at first, ${perYearUpkeep} each year, in all ${total} to ${total2}`,
  aYear: (perYear: string, currency: string) => `${perYear} ${currency} a year`,
  finishHandsAPiece: (materials: string, hands: string, handsMin: string, first: string) =>
    `Finish ${materials}, hands ${hands} (${handsMin} a piece), paper and cloths ${first}.`,
  nothingIsRenewed: 'Nothing is renewed.',
  renewedEveryDaysTimes: (intervalDays: number, treatmentsPerYear: string) =>
    `Renewed every ${intervalDays} days: ${treatmentsPerYear} times a year.`,
  inComeBackAnd: (part: string) => `${part} in 100 come back and are finished once more.`,
  noneCameBackSo: 'None came back so far.',
  ofACoatEnds: (part: number) => `${part} % of a coat ends in the cloths, as weighed.`,
  ofTheTinGoes: (part: number) => `▲ ${part} % of the tin goes off before it is used; it is paid for.`,
  notInItWhose: (unpriced: string) => `▲ Not in it: ${unpriced}, whose price nobody entered.`,
  restsOn: (rests: string) => `Rests on ${rests}.`,
  workingFiguresOfThe: 'Working figures of the trade: nothing of it was measured here yet.',
  theSpanFromAn: (rests: string) =>
    `${rests} The span: from an owner who seldom uses it to one who does daily, and a thrifty to a thirsty coat.`,
};
