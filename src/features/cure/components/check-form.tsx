'use client';

import { useRef } from 'react';
import { CHECK_KINDS, type CheckKind } from '@/core/cure';
import { CHECK_WORDS } from '@/messages';
import { checkForm as wording } from '@/messages/screens/cure';
import { CheckPicture } from '@/trade/checks';
import { Button } from '@/ui/button';
import { Faults, TextField } from '@/ui/field';
import { freshId } from '@/ui/id';
import { useForm } from '@/web/form/use-form';
import { saveCheck } from '../actions';
import { CheckFields } from '../forms';

type Props = {
  readonly batchId: number;
  readonly settles: boolean;
  /** The checks that can open its release. */
  readonly opens: readonly CheckKind[];
};

/** The four checks, each with its two outcomes; one touch records it. */
export function CheckForm({ batchId, settles, opens }: Props) {
  /** Which button sends it. */
  const judged = useRef<{ readonly kind: CheckKind; readonly pass: boolean }>(null);
  const form = useForm({
    schema: CheckFields,
    start: { note: '' },
    save: (said) => saveCheck({ clientId: freshId(), batchId, ...judged.current, ...said }),
    keptAs: `check ${batchId}`,
  });
  return (
    <section>
      <h2 className="mb-1">{wording.checkItNow}</h2>
      {settles ? <p className="text-soft">{wording.layItInThe}</p> : null}
      <TextField label={wording.seenBeforeYouChoose} {...form.field('note')} />
      <ul className="grid gap-x-6 gap-y-4 bench:grid-cols-2">
        {CHECK_KINDS.map((kind) => {
          const { name, how, pass, fail } = CHECK_WORDS[kind];
          const judge = (passed: boolean): void => {
            judged.current = { kind, pass: passed };
            form.submit();
          };
          return (
            <li key={kind}>
              <p>
                <strong>{name}</strong>
                {opens.includes(kind) ? <span className="text-sm">{wording.opensTheRelease}</span> : null}
                <span className="block text-sm text-soft">{how}</span>
              </p>
              <div className="mt-1 grid grid-cols-2 gap-2">
                {[true, false].map((passed) => (
                  <Button
                    key={String(passed)}
                    disabled={form.busy}
                    aria-label={`${name}: ${passed ? pass : fail}`}
                    className="flex flex-col items-center gap-1 py-2 leading-5"
                    onClick={() => judge(passed)}
                  >
                    <CheckPicture kind={kind} pass={passed} />
                    <span className={passed ? 'text-fit' : 'text-late'}>
                      {passed ? '● ' : '○ '}
                      {passed ? pass : fail}
                    </span>
                  </Button>
                ))}
              </div>
            </li>
          );
        })}
      </ul>
      <Faults of={form.faults} />
    </section>
  );
}
