import { expect, it } from 'vitest';
import { doingOf, endsCoat, laysCoat, STEP_KINDS } from '.';
import { stepKind } from './kind';
import { sand } from './sand';

it('what touches what is wet, or cuts the wood, is asked about by cautions', () => {
  const asked = STEP_KINDS.filter((kind) => doingOf({ kind }) !== null);
  const touching = STEP_KINDS.filter((kind) => laysCoat({ kind }) || endsCoat({ kind }) || kind === 'sand' || kind === 'scuff');
  expect(asked).toEqual(touching);
});

it('a step does not compile without what hands do in it, or without saying whether it cuts', () => {
  const { doing: _, ...still } = sand;
  // @ts-expect-error: nobody says what hands do
  stepKind(still);
  const { abrades: __, ...soft } = sand;
  // @ts-expect-error: nobody says whether it leaves oily dust
  expect(stepKind(soft)).toEqual(soft);
});
