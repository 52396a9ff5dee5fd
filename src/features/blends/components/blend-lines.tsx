'use client';

import type { Blend } from '@/core/blend';
import { FAMILIES, INGREDIENTS } from '@/core/material';
import { formatMass, formatVolume } from '@/core/quantity';
import { FAMILY_WORDS } from '@/messages';
import { Button } from '@/ui/button';
import { freshId } from '@/ui/id';
import type { Draft, DraftLine } from '../draft';

const MOST_LINES = 12;
const BOX = 'min-h-11 w-full border-0 border-b-2 border-ink bg-paper px-2';

type Props = {
  readonly draft: Draft;
  readonly blend: Blend | null;
  readonly sized: boolean;
  readonly faults: Readonly<Record<string, string>>;
  readonly onChange: (lines: readonly DraftLine[]) => void;
};

/** The lines of a formula: the typed twin of the plank, with weights and volumes beside each other. */
export function BlendLines({ draft, blend, sized, faults, onChange }: Props) {
  const set = (index: number, change: Partial<DraftLine>): void =>
    onChange(draft.lines.map((line, i) => (i === index ? { ...line, ...change } : line)));
  return (
    <div className="relative overflow-x-auto">
      <table className="w-full">
        <thead>
          <tr className="label border-ink border-b text-left">
            <th className="py-1 font-normal">Ingredient</th>
            <th className="w-24 py-1 pl-3 font-normal">Parts by {draft.basis === 'mass' ? 'weight' : 'volume'}</th>
            <th className="w-20 py-1 pl-3 text-right font-normal">Weight</th>
            <th className="w-24 py-1 pl-3 text-right font-normal">{sized ? 'Grams' : 'Per kg'}</th>
            <th className="w-24 py-1 pl-3 text-right font-normal">Volume</th>
            <th className="w-12 py-1 font-normal">
              <span className="sr-only">Take out</span>
            </th>
          </tr>
        </thead>
        <tbody>
          {draft.lines.map((line, index) => {
            const made = blend?.lines[index];
            const fault = faults[`lines.${index}.parts`] ?? faults[`lines.${index}.ingredient`];
            return (
              <tr key={line.key} className="border-hair border-b align-top">
                <td className="py-1">
                  <select
                    aria-label={`Ingredient ${index + 1}`}
                    className={BOX}
                    value={line.ingredient}
                    onChange={(event) => set(index, { ingredient: event.target.value })}
                  >
                    <option value="">Choose …</option>
                    {FAMILIES.map((family) => (
                      <optgroup key={family} label={FAMILY_WORDS[family]}>
                        {INGREDIENTS.filter((one) => one.family === family).map((one) => (
                          <option key={one.id} value={one.id}>
                            {one.name}
                          </option>
                        ))}
                      </optgroup>
                    ))}
                  </select>
                  {fault && (line.parts !== '' || line.ingredient !== '') ? (
                    <p className="text-sm font-semibold text-late">▲ {fault}</p>
                  ) : null}
                </td>
                <td className="py-1 pl-3">
                  <input
                    aria-label={`Parts of line ${index + 1}`}
                    aria-invalid={fault ? true : undefined}
                    className={`${BOX} reading text-right`}
                    inputMode="decimal"
                    value={line.parts}
                    onChange={(event) => set(index, { parts: event.target.value })}
                  />
                </td>
                <td className="reading py-3 pl-3 text-right">{made ? `${(made.massFraction * 100).toFixed(1)} %` : '–'}</td>
                <td className="reading py-3 pl-3 text-right font-semibold">{made ? formatMass(made.massG) : '–'}</td>
                <td className="reading py-3 pl-3 text-right text-soft">{made ? formatVolume(made.volumeMl) : '–'}</td>
                <td className="py-1 text-right">
                  <button
                    type="button"
                    aria-label={`Take line ${index + 1} out`}
                    disabled={draft.lines.length <= 1}
                    className="min-h-11 min-w-11 text-xl disabled:opacity-30"
                    onClick={() => onChange(draft.lines.filter((_, i) => i !== index))}
                  >
                    ×
                  </button>
                </td>
              </tr>
            );
          })}
        </tbody>
        {blend ? (
          <tfoot>
            <tr className="reading font-semibold">
              <td className="py-2" colSpan={3}>
                Together{sized ? '' : ', reckoned for a kilogram until it has a size'}
              </td>
              <td className="py-2 pl-3 text-right">{formatMass(blend.totalG)}</td>
              <td className="py-2 pl-3 text-right">{formatVolume(blend.volumeMl)}</td>
              <td />
            </tr>
          </tfoot>
        ) : null}
      </table>
      {draft.lines.length < MOST_LINES ? (
        <Button onClick={() => onChange([...draft.lines, { key: freshId(), ingredient: '', parts: '' }])} className="mt-1">
          Add a line
        </Button>
      ) : null}
    </div>
  );
}
