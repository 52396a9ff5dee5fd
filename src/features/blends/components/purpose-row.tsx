'use client';

import { useState } from 'react';
import { basisOf, draftLines, type FormulaDraft, forPurpose, PURPOSES, type Purpose, withFractions } from '@/core/blend';
import { say } from '@/core/quantity';
import { PURPOSE_WORDS, sayIssue } from '@/messages';
import { purposeRow as wording } from '@/messages/screens/blends';
import { reads } from '@/web/here';
import { catalogue } from '@/web/here-catalogue';

type Props = {
  readonly draft: FormulaDraft;
  readonly ambientC: number;
  readonly hardening: Readonly<Record<string, number>>;
  readonly onChange: (draft: FormulaDraft) => void;
};

/** What it is for: each purpose with the wax share it asks for at the shop's own temperature. */
export function PurposeRow({ draft, ambientC, hardening, onChange }: Props) {
  const [fault, setFault] = useState('');
  const lines = draftLines(draft.lines, reads(), catalogue(), draft.basis);
  if (!lines.ok) return null;
  const found = (purpose: Purpose) => forPurpose(lines.value, basisOf(draft), purpose, ambientC, catalogue(), hardening);
  const take = (purpose: Purpose): void => {
    const wanted = found(purpose);
    setFault(wanted.ok ? '' : wanted.issues.map((one) => sayIssue(one, reads())).join(' '));
    if (wanted.ok) onChange(withFractions(draft, wanted.value.fractions, reads(), catalogue()));
  };
  return (
    <fieldset>
      <legend className="label mb-1">{wording.makeItRightFor(say(ambientC, '°C', reads()))}</legend>
      <div className="grid grid-cols-3 border-ink border-t border-l">
        {PURPOSES.map((purpose) => {
          const wanted = found(purpose);
          return (
            <button
              key={purpose}
              type="button"
              className="min-h-12 border-ink border-r border-b px-2 py-1 text-left leading-5 hover:bg-hair"
              onClick={() => take(purpose)}
            >
              <span className="block font-semibold">{PURPOSE_WORDS[purpose]}</span>
              <span className="reading block text-sm text-soft">
                {wanted.ok
                  ? wording.wax(say(wanted.value.waxShare, 'fraction', reads(), wanted.value.waxShare < 0.1 ? 1 : 0))
                  : wording.notWithThese}
              </span>
            </button>
          );
        })}
      </div>
      {fault ? (
        <p role="alert" className="mt-1 font-semibold text-late">
          ▲ {fault}
        </p>
      ) : null}
    </fieldset>
  );
}
