/** Names that the server, its pages and the worker that keeps pages share about the door. */

/** Where a device gives the passcode. */
export const ENTRANCE = '/enter';
/** Every answer to a device that must give the passcode first says so under this name: its browser deletes what it kept then. */
export const DOOR_HEADER = 'x-rendle-door';
/** Told to the other tabs of a device that was sent away. */
export const SENT_AWAY = 'rendle-sent-away';
