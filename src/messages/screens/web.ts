export const csv = {
  moreThanRowsAre: (mostRows: number) =>
    `More than ${mostRows} rows are not taken in one go. Split the file and take it in parts.`,
};

export const fileSheet = {
  theFile: 'The file',
  orPasteIt: 'or paste it',
  nothingNewToSave: 'Nothing new to save',
  saveOf: (count: number, count2: number) => `Save ${count} of ${count2}`,
  saved: (saved: number) => `● ${saved} saved.`,
  whatWasUnderstood: 'What was understood',
  noName: 'no name',
};

export const photoField = {
  whatWillBeKept: 'What will be kept',
  whatIsKept: 'What is kept',
};

export const useForm = {
  theShopsFileDid: 'The shop’s file did not answer. What you wrote is still here: try again in a moment.',
};

export const outbox = {
  thisDeviceCanKeep:
    'This device can keep nothing more, and the shop does not answer: this is not recorded. Leave the page open and try again, or write it on paper.',
};

export const photo = {
  thisPhotoWasDamaged: 'This photo was damaged on the disk. Send it again, or restore a copy that holds it.',
  thereIsNoSuch: 'There is no such photo.',
};

export const policy = {
  cameraSelfMicrophoneSelf: 'camera=(self), microphone=(self), geolocation=(), payment=()',
};

export const route = {
  somethingWentWrongIn: (number: string) =>
    `Something went wrong in the shop; nothing recorded is lost. Quote fault ${number} with the shop’s log.`,
};

export const table = {
  nothingHereSays: (find: string) => `Nothing here says “${find}”. `,
  showAll: (count: number) => `Show all ${count}`,
  pages: 'Pages',
  pageOf: (page: number, pages: number) => `page ${page} of ${pages}`,
};

export const useSave = {
  theShopsFileDid: 'The shop’s file did not answer. What you wrote is still here: try again in a moment.',
};
