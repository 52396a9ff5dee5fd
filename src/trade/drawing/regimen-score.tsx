import type { CSSProperties } from 'react';
import { sayMinutes } from '@/core/quantity';
import { laysCoat, type RegimenStep } from '@/core/regimen';
import { regimenScore as wording } from '@/messages/screens/trade';
import { GlyphUse, StepGlyph } from './step-glyph';

type Steps = readonly Pick<RegimenStep, 'id' | 'kind' | 'action' | 'lies' | 'slot' | 'wait' | 'optional' | 'until'>[];

/** How wide a wait is drawn: each doubling as much again, so that minutes and days stand on one line. */
const weightOf = (minutes: number): number => (minutes <= 0 ? 0 : Math.log2(1 + minutes / 10));

const waitWords = ({ min, ideal, max }: RegimenStep['wait']): string => {
  if (ideal === 0 && (max === null || max === 0)) return wording.atOnce;
  const usual = min < ideal ? `${sayMinutes(min)} to ${sayMinutes(ideal)}` : sayMinutes(ideal);
  return max === null ? usual : wording.atMost(usual, sayMinutes(max));
};

/** A wait as a line: whole until it may go on, dotted until it is best, a bar where it must not go past. */
function Wait({ wait: { min, ideal, max } }: Pick<Steps[number], 'wait'>) {
  const [least, best, most] = [weightOf(min), weightOf(ideal), weightOf(max ?? ideal)];
  const share = (weight: number): string => `${Math.round((weight / most) * 1000) / 10}%`;
  if (most === 0) return <span className="h-0.5 grow bg-ink" />;
  const marks = { '--least': share(least), '--best': share(best) } as CSSProperties;
  return <span className={max === null ? 'wait' : 'wait wait-ends'} style={marks} />;
}

/** A regimen as a score along time: what hands do, and how long each wait is, with the bounds it has. It breaks into lines as music does. */
export function RegimenScore({ steps, name }: { readonly steps: Steps; readonly name: string }) {
  return (
    <figure>
      <ol aria-label={wording.stepByStep(name)} className="flex flex-wrap gap-y-3">
        {steps.map((step) => (
          <li
            key={step.id}
            className="pr-2"
            style={{ flex: `1 0 ${Math.round(112 + 13 * weightOf(step.wait.ideal))}px`, maxWidth: '20rem' }}
          >
            <span className="flex items-center gap-1">
              <StepGlyph step={step} size={26} />
              <Wait wait={step.wait} />
            </span>
            <span className="block pr-2 text-sm leading-5">
              {step.optional ? <span className="text-soft">{wording.ifWished}</span> : null}
              {step.action}
              {step.until ? <span className="text-soft">{wording.untilItPasses}</span> : null}
            </span>
            <span className="reading block pr-2 text-sm text-soft">{waitWords(step.wait)}</span>
          </li>
        ))}
      </ol>
      <figcaption className="mt-1 text-sm text-soft">{wording.lineTheWaitBefore}</figcaption>
    </figure>
  );
}

/** The same in one line without words, beside a name. A page that shows some has a `GlyphSheet` once. */
export function ScoreLine({ steps, name }: { readonly steps: Steps; readonly name: string }) {
  const coats = steps.filter(laysCoat).length;
  const total = steps.reduce((sum, step) => sum + step.wait.ideal, 0);
  return (
    <span
      role="img"
      aria-label={wording.stepsOfWaiting(name, steps.length, coats, coats === 1 ? 'coat' : 'coats', sayMinutes(total))}
      className="flex items-center overflow-hidden"
    >
      {steps.map((step) => (
        <span
          key={step.id}
          className="score-step"
          style={{ flexGrow: Math.round((0.4 + weightOf(step.wait.ideal)) * 100) / 100 }}
        >
          <GlyphUse step={step} />
          <Wait wait={step.wait} />
        </span>
      ))}
    </span>
  );
}
