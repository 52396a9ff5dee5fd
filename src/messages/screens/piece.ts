export const amissPanel = {
  lookTouchAndSmell: 'Look, touch and smell, the likeliest first.',
  so: (way: string) => `So ${way}.`,
  ifItIsThe: 'If it is the oil, ask after the lot, and hold it: ',
  itComesHome: 'It comes home',
  toItsWaysBack: 'To its ways back',
  itCameBackOr: 'It came back, or is no more',
  whatToTellIts: 'What to tell its owner',
  noAddressIsNoted: 'No address is noted: read it to them, or copy it into a letter.',
};

export const draftAnswer = {
  putItAmongThe: 'Put it among the letters',
  aDraftWaitsTo: 'A draft waits to be read. ',
  itIsAmongThem: 'It is among them already. ',
  toTheLetters: 'To the letters',
};

export const found = {
  no: 'No',
  piecesFor: (count: string | number, asked: string) => `${count} pieces for “${asked}”`,
  aPieceIsFound:
    'A piece is found by what is chalked on it, by the code on its slip, by a part of its owner’s name, or with its whole batch by the batch’s number.',
  noOwnerNoted: 'no owner noted',
  left: (leftWhy: string) => `left: ${leftWhy}`,
  sold: (soldOn: string) => `sold ${soldOn}`,
  inTheShop: 'in the shop',
  andMoreAskFor: (count: number) => `And ${count} more: ask for the mark itself.`,
};

export const piecePage = {
  asItWasPhotographed: 'As it was photographed last',
  oneOf: 'One of ',
  forWord: (name: string, ring: string, uses: string) => `, ${name}, ${ring}. For ${uses}.`,
  somethingIsWrong: 'Something is wrong',
  itLeftForGood: (leftWhy: string) => `It left for good: ${leftWhy}.`,
  releasedAndInThe: 'Released and in the shop, not sold.',
  inTheShop: 'In the shop.',
  itIsNoMore: 'it is no more',
  noOwnerIsNoted: 'No owner is noted',
  sold: (country: string, soldOn: string, next: string) => `${country}; sold ${soldOn}${next}. `,
  slipAndWhatBecomes: 'Slip and what becomes of it',
  itsOwnersPage: 'its owner’s page',
  whatLiesOnIt: 'What lies on it',
  nothingBareWood: 'Nothing: bare wood.',
  held: (reason: string) => ` ▲ held: ${reason}`,
  otherBatch: 'other batch',
  sold2: (batches: string, pieces: string, sold: number) => `${batches}, ${pieces} (${sold} sold)`,
  sold3: (tins: string) => `${tins} sold`,
  theSameWentOn: (words: string) => `The same went on ${words}.`,
  nothingElseWasFinished: 'Nothing else was finished from it.',
  theAirItStood: 'The air it stood in',
  itsCureAndChecks: 'Its cure and checks',
  itsLifeSoFar: 'Its life so far',
  nothingWasRecordedYet: 'Nothing was recorded yet.',
  photo: 'photo',
};

export const story = {
  aPiece: (part: string, grams: string) => `${part}${grams} a piece`,
  itsCure: 'its cure',
  record: (number: string) => `record ${number}`,
  withATinOf: (title: string) => `with a tin of ${title}`,
  itsSlip: 'its slip',
  itsOwnerSaid: 'Its owner said',
  writtenDown: 'Written down',
  letterSent: 'Letter sent',
  cameHome: 'Came home',
  cameHomeAndWent: 'Came home and went back',
  leftItsBatch: 'Left its batch',
};
