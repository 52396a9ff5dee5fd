import 'server-only';
import type { Trial } from '@/data/trials/queries';

/** Where fields lie along a board, from its marked end; alike on every board. */
export const placesOf = ({ fields }: Trial) =>
  fields.filter((one) => one.board === 1).map(({ fromMm, lengthMm }) => ({ fromMm, lengthMm }));

/** Where a treatment stands in its trial: it is drawn and lettered by that. */
export const orderOf = ({ treatments }: Trial, key: string): number => treatments.findIndex((one) => one.key === key);

/** The fields of each board in their order, each with where its treatment stands. */
export const fieldsByBoard = (trial: Trial) =>
  Array.from({ length: trial.boards }, (_, i) =>
    trial.fields
      .filter((one) => one.board === i + 1)
      .map(({ fromMm, lengthMm, treatment }) => ({ fromMm, lengthMm, at: orderOf(trial, treatment) })),
  );

/** Names of the treatments at each place of each board. */
export const namesByBoard = (trial: Trial): string[][] =>
  fieldsByBoard(trial).map((fields) => fields.map(({ at }) => trial.treatments[at]?.name ?? ''));
