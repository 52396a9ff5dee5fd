export const labelPdf = {
  labels: (number: string) => `Labels ${number}`,
};

export const labelPng = {
  archivo: 'Archivo',
};

export const label = {
  a4In: 'A4, 3 × 8, 70 × 37 mm',
  usLetterIn: 'US letter, 2 × 5, 4 × 2 in',
  writeHowManyAs: (mostLabels: number) => `Write how many as a whole number, 1 to ${mostLabels}.`,
  theSheetHasPlaces: (places: number) => `The sheet has places 1 to ${places}.`,
};

export const printable = {
  aSign: '(a sign)',
};

export const recordBody = {
  notAnswered: 'not answered',
  lookedAt: (checked: string) => `looked at ${checked}`,
  notLookedAtYet: 'not looked at yet',
  noFinishToCure: 'no finish to cure',
  nothingReadFromFor: (from: string, to: string) => `nothing read from ${from} for ${to}`,
  itMayBeThat: 'it may be that half are never ready',
  halfAreReadyBy: (neededHours: string) => `half are ready by ${neededHours}`,
  likelyAtWhere: (likely: string, part: string, ageHours: string, part2: string, neededHours: string) =>
    `${likely} likely ${part}: ${ageHours} at ${part2}, where ${neededHours}`,
  hoursReadMeanAnd: (hoursRead: number, meanTempC: string, meanRh: string) =>
    `${hoursRead} hours read, mean ${meanTempC} and ${meanRh}`,
  theRoomWasNot: 'the room was not read',
  forWord: (handsMinPerPiece: string) => ` for ${handsMinPerPiece}`,
  forWord2: (gramsPerPiece: string) => ` for ${gramsPerPiece}`,
  atMostNotEntered: (unknown: string) => ` at most: ${unknown} not entered`,
  noPriceEntered: 'no price entered',
  stated: (statement: string) => ` Stated: ${statement}.`,
  lotsOnItAnd: 'Lots on it, and their papers',
  nothingIsOnIt: 'Nothing is on it.',
  declared: 'Declared: ',
  noSuppliersDeclarationOn: 'No supplier’s declaration on file.',
  about: 'about ',
  none: 'None.',
  checks: 'Checks',
  noPlateauYet: 'no plateau yet',
  atRestSinceAfter: (restsSinceHours: string) => `at rest since ${restsSinceHours} after the last coat`,
  testPieceWeighedTimes: (times: number, restsSinceHours: string) => `Test piece weighed ${times} times: ${restsSinceHours}.`,
  cloths: 'Cloths',
  noneWereOily: 'None were oily.',
  photos: 'Photos',
};

export const recordPdf = {
  releasedForSale: 'Released for sale',
  refusedToBeMended: 'Refused, to be mended and judged again',
  refusedAndRejected: 'Refused and rejected',
  reason: (reason: string) => ` Reason: ${reason}`,
  releaseRecord: (number: string) => `Release record ${number}`,
  batch: (
    shop: string,
    number: string,
    count: number,
    design: string,
    wood: string,
    botanical: string,
    origin: string,
    regimen: string,
    school: string,
  ) => `${shop}. Batch ${number}: ${count} × ${design}, ${wood}${botanical}, ${origin}. ${regimen}: ${school}.`,
  notForFoodThe: ' Not for food; the slip says so.',
  forWood: (use: string, woodVerdict: string, part: string) => `For ${use}. Wood: ${woodVerdict}.${part}`,
  signedBy: (by: string, at: string, zone: string) => `Signed by ${by}, ${at} (${zone}).`,
  gates: 'Gates',
  met: 'met',
  signedFor: 'signed for',
  notMet: 'not met',
  whatItRestsOn: 'What it rests on',
  notAllContentsDeclared: (undeclared: string) => ` Not all contents declared: ${undeclared}.`,
  stepsDoneLeftContact: (done: number, left: number, contact: string, part: string, undeclared: string) =>
    `Steps: ${done} done, ${left} left. Contact: ${contact}. Allergens: ${part}.${undeclared}`,
  testPieceWeighedTimes: (times: number) => `Test piece weighed ${times} times.`,
  checks: 'Checks',
  none: 'None.',
  lotsAndPapers: 'Lots and papers',
  declared: (declarations: string) => `Declared: ${declarations}.`,
  noDeclarationOnFile: 'No declaration on file.',
  nothingIsOnIt: 'Nothing is on it.',
  about: 'about ',
  cloths: 'Cloths',
  noneWereOily: 'None were oily.',
  labelsAndPhotos: 'Labels and photos',
  labelsOn: (by: string, at: string) => `Labels on, ${by}, ${at}.`,
  labelsNotSaidTo: 'Labels not said to be on.',
  noPhotos: 'No photos.',
  photosKept: (count: number) => `${count} photos kept.`,
  costOfAPiece: 'Cost of a piece',
  leftOfThePrice: (record: string) => `Left of the price: ${record}`,
  noneLeft: 'none left',
  evidenceAndUnknownsNot: (number: string, mark: string) =>
    `Evidence and unknowns, not a certificate: rules for food-contact articles differ by place; follow the local code. Record ${number}. SHA-256 of its JSON: ${mark}`,
};

export const slipSide = {
  isBeingDrawnAs: 'is being drawn as it prints',
};

export const slip = {
  theSlipOfSays: (pieceNumber: string, size: string) =>
    `The slip of ${pieceNumber} says more than fits on ${size} in type that can be read. Choose ${size === 'A7' ? 'A6, or ' : ''}a shorter name for the design or the shop.`,
};

export const trialPdf = {
  laidOnFromThe: (from: number) => `Laid on from the mark at ${from} mm.`,
  theDotIsThe: 'The dot is the marked end.',
  whereTheTapeGoes: (number: string, from: string) => `${number}: where the tape goes, to size. ${from}`,
  printAtTheBar: 'Print at 100 %. The bar beneath is 100 mm; if it is not, the printer has changed the size.',
  tagsBoardFieldFrom: (number: string) => `${number}: tags, board · field from the marked end`,
  whatGoesWhereFor: (number: string) => `${number}: what goes where. For who lays the coats; keep it from who scores.`,
  board: 'Board',
  field: (at: number) => `Field ${at}`,
  trial: (number: string) => `Trial ${number}`,
};
