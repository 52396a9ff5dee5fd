import { fault } from './fault';

/** Cut through by scuffing. */
export const cutThrough = fault({ seen: 'where it dries', sandedOut: false, ways: ['recoat-face'] });
