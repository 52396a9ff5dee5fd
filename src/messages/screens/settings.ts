export const copyButtons = {
  takeOneNow: 'Take one now',
  carryAWholeCopy: 'Carry a whole copy away',
  theCopyOf: 'The copy of',
  lookItOver: 'Look it over',
};

export const doorForms = {
  devicesThatAreIn: 'Devices that are in',
  noneHasGivenThe: 'None has given the passcode.',
  oneThatIsNot: (days: number) => `One that is not used for ${days} days must give the passcode again.`,
  theNewPasscodeCounts: 'The new passcode counts from now on.',
  newPasscode: 'New passcode',
  setAPasscode: 'Set a passcode',
  everyOtherDeviceIs:
    'Every other device is sent away and must give the new one. What waits on a device stays there and is sent after.',
  theSameAgain: 'The same again',
  thisOne: ' (this one)',
  used: 'used ',
  cameIn: ', came in ',
  from: ' from ',
  leave: 'Leave',
  sendAway: (name: string) => `Send ${name} away`,
  sendAway2: 'Send away',
};

export const enterForm = {
  passcodeOfTheShop: 'Passcode of the shop',
  whatThisDeviceIs: 'What this device is called',
  theShopListsIts: 'The shop lists its devices by name, so that one that is lost can be sent away.',
  tabletAtTheBench: 'Tablet at the bench',
  comeIn: 'Come in',
};

export const hoursFields = {
  hoursDragTheEnds: 'Hours: drag the ends, or type 08:30-12:30, 13:30-18:00; empty when closed',
  closed: 'closed',
  writeOpeningAndClosing: '▲ Write opening and closing like 08:30-18:00; closing comes after opening.',
  closedOpenIt: 'closed: open it',
};

export const personHours = {
  ownHours: ', own hours',
  theShopsHours: ', the shop’s hours',
  days: (count: number) => `${count} days`,
  away: (count: string | undefined) => `, away ${count}`,
  hoursOf: (initials: string) => `Hours of ${initials}`,
  whenIsHere: (name: string) => `When ${name} is here`,
  theShopsHours2: 'The shop’s hours',
  daysAway: 'Days away',
};

export const readsForm = {
  theScaleShows: 'The scale shows',
  gramsKilograms: 'grams, kilograms',
  ouncesPounds: 'ounces, pounds',
  theJugShows: 'The jug shows',
  millilitresLitres: 'millilitres, litres',
  usFluidOuncesGallons: 'US fluid ounces, gallons',
  imperialFluidOuncesGallons: 'imperial fluid ounces, gallons',
  theThermometerShows: 'The thermometer shows',
  theRuleShows: 'The rule shows',
  millimetres: 'millimetres',
  inches: 'inches',
  soAPotReads: (part: string, part2: string, part3: string, part4: string) =>
    `So a pot reads ${part}, ${part2}, ${part3}, a board ${part4}. A number typed without a unit is taken in these; a unit that is typed always counts. What is kept and what is exchanged stays in grams, millilitres, °C and millimetres.`,
  readInThese: 'Read in these',
};

export const roomForm = {
  batchesAtATime: 'batches at a time',
  litresOfPiecesUnder: 'litres of pieces under',
  metresOfShelf: 'metres of shelf',
  noLimit: 'no limit',
  keepWhatFits: 'Keep what fits',
  kept: 'Kept.',
};

export const setUp = {
  nameOfTheShop: 'Name of the shop',
  timeZone: 'Time zone',
  asThisDeviceHas: 'as this device has it',
  currency: 'Currency',
  scaleJugThermometerAnd: 'Scale, jug, thermometer and rule show',
  gramsMillilitresCMillimetres: 'grams, millilitres, °C, millimetres',
  ouncesAndPoundsUs: 'ounces and pounds, US fluid ounces, °F, inches',
  ouncesAndPoundsImperial: 'ounces and pounds, imperial fluid ounces, °C, inches',
  peopleOfTheShop: 'People of the shop',
  initials: 'Initials',
  anotherPerson: 'Another person',
  openTheShop: 'Open the shop',
  lookAtTheDemo: 'Look at the demo shed instead',
};

export const shopForm = {
  timeZone: 'Time zone',
  usualTemperatureOfThe: 'Usual temperature of the shop',
  feelIsReckonedFor: 'feel is reckoned for it',
  publicBaseAddress: 'Public base address',
  noneYet: 'none yet',
  httpsCodesOnSlips: 'https://…; codes on slips lead to it. Leave empty until it answers.',
  anHourOfHands: (currency: string) => `An hour of hands costs (${currency})`,
  emptyNotReckoned: 'empty: not reckoned',
  aPrintedSlipCosts: (currency: string) => `A printed slip costs (${currency})`,
  closedDays: 'Closed days',
  keep: 'Keep',
  kept: 'Kept.',
  initials: 'Initials',
};

export const copies = {
  thereIsNoneYet: '▲ There is none yet: the first is taken within minutes of a start.',
  daysAgo: (age: number) => `${age} days ago`,
  theLastOneIs: (part: string, date: string, age: string) => `${part}The last one is of ${date}, ${age}.`,
  copies: 'Copies',
  theDemoShedIs: 'The demo shed is made anew at will, so none is taken of it by itself.',
  oneIsTakenEach: (count: number) =>
    `One is taken each day by itself, and stays for seven days, four weeks, twelve months: ${count} now, `,
  mb: (folder: string) => `${folder} MB`,
  withTheirPhotosAnd: ' with their photos and papers, in ',
  theOlderOnesIn: ' The older ones in the folder above it stay and can be restored.',
  aCopyOnThe: 'A copy on the same disk is lost with it: name a folder of another disk in ',
  orCarryAWhole: ', or carry a whole copy away now and then. To go back to one: stop the shop, ',
};

export const copyActions = {
  takenWithFiles: (files: number) => `Taken, with ${files} files.`,
  todaysCopyIsThere: 'Today’s copy is there already.',
  theCopyOfCannot: (date: string, faults: string) => `The copy of ${date} cannot be restored: ${faults}.`,
  ofItsPhotosOr: (count: number) => ` ${count} of its photos or papers are missing.`,
  theCopyOfCan: (date: string, lacks: string) => `The copy of ${date} can be restored.${lacks}`,
};

export const copyRoute = {
  askForTheCopy: 'Ask for the copy on the shop’s own page: what was sent opens nothing any more.',
  carriedAway: 'carried away',
};

export const door = {
  door: 'Door',
  overTls: ', over TLS',
  openToTheLocal: (part: string) => `Open to the local network, behind the passcode${part}.`,
  openOnThisMachine: 'Open on this machine only. Started with --lan, other devices of the network come in with the passcode.',
  overPlainHttpThe:
    'Over plain HTTP the passcode can be overheard by anyone in the same network. Use a network of your own, or start with ',
  and: ' and ',
  whoCameInWhat: 'Who came in, what was refused, copies and faults stand in ',
  noBuyerAndNo: '; no buyer and no passcode does.',
};

export const enter = {
  thatWasNotUnderstood: 'That was not understood. Type the passcode on this page.',
  lockedOut: 'locked out',
  tooManyWrongPasscodes: (until: string) =>
    `Too many wrong passcodes. Nobody new comes in before ${until}. Devices that are in already stay in.`,
  wrongPasscode: 'wrong passcode',
  thatIsNotThe: 'That is not the passcode. Ask who opened the shop, and type it again.',
  aDeviceWithoutA: 'A device without a name',
};

export const shopPage = {
  unitsToReadIn: 'Units to read in',
  people: 'People',
  whatFitsWhere: 'What fits where',
  noticeForTheWall: 'Notice for the wall: oily cloths',
  firstAidWithThe: 'First aid, with the numbers to call',
  rendle: 'Rendle',
  blendsCoatsCureAnd:
    'Blends, coats, cure and care for makers of boards, spoons and bowls. Say whose shop this is, or look round the demo shed first.',
};
