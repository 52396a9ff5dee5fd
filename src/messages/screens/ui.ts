export const ask = {
  leaveIt: 'Leave it',
};

export const cautions = {
  cautions: 'Cautions',
};

export const dialog = {
  close: 'Close',
};

export const faultScreen = {
  theShopDoesNot: 'The shop does not answer. Is its server running?',
  thisScreenDidNot: 'This screen did not come up',
  nothingThatWasRecorded: 'Nothing that was recorded is lost. Try again; if it stays so, look for fault ',
  withoutANumber: 'without a number',
  inTheShopsLog: ' in the shop’s log.',
  tryAgain: 'Try again',
};

export const momentField = {
  minAgoYesterday: '40 min ago, yesterday 17:30',
  tomorrowFri: 'tomorrow 9, fri 14:00',
  chooseItFromA: 'Choose it from a calendar',
};

export const onOpen = {
  theShopDidNot: '▲ The shop did not answer. Try again in a moment.',
};

export const plank = {
  kerfBetweenAnd: (name: string, name2: string) => `Kerf between ${name} and ${name2}`,
  beneath: (name: string) => `${name}, beneath.`,
};

export const printButton = {
  printItHere: 'Print it here',
};

export const uiRing = {
  inPreparation: 'in preparation',
  curingOrSettling: 'curing or settling',
  fitForRelease: 'fit for release',
  ofCoats: (coats: number, coatsPlanned: number) => `${coats} of ${coatsPlanned} coats`,
  noCoatsPlanned: 'no coats planned',
  overdue: ', overdue',
};

export const tiles = {
  all: (count: number, all: string) => `All ${count} ${all}`,
};
