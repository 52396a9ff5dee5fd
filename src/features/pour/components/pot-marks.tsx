import type { Running } from '@/core/blend';
import { findIngredient } from '@/core/material';
import { figure, say, sayMark } from '@/core/quantity';
import { potMarks as wording } from '@/messages/screens/pour';
import { PotPicture } from '@/trade/drawing/pot';
import { familyFill } from '@/ui/family';
import { reads } from '@/web/here';
import { catalogue } from '@/web/here-catalogue';

type Props = {
  readonly lines: Running['lines'];
  readonly entering: string | null;
  readonly targetG: number;
  readonly slips: readonly string[];
};

/** Every ingredient of the pot with its mark, and the slips that moved them. */
export function PotMarks({ lines, entering, targetG, slips }: Props) {
  return (
    <section aria-label={wording.marks}>
      <h2 className="mb-2">{wording.thePot(say(targetG, 'g', reads()))}</h2>
      <div className="flex gap-5">
        <PotPicture
          layers={lines.map((line) => ({
            id: line.ingredient,
            family: findIngredient(line.ingredient, catalogue())?.family ?? '',
            poured: line.pouredG / Math.max(targetG, 1e-9),
            target: line.targetG / Math.max(targetG, 1e-9),
          }))}
        />
        <ol className="grow">
          {lines.map((line) => (
            <MarkRow key={line.ingredient} line={line} isNext={line.ingredient === entering} />
          ))}
        </ol>
      </div>
      {slips.length > 0 ? (
        <ul className="mt-3" aria-label={wording.slips}>
          {slips.map((says) => (
            <li key={says} className="border-late border-l-4 py-0.5 pl-3 text-sm">
              {says}
            </li>
          ))}
        </ul>
      ) : null}
      <p className="mt-3 text-sm text-soft">{wording.smallPiecesOfWax}</p>
    </section>
  );
}

/** The way to the mark; its last tenth is drawn as long as all before it, so that the bar slows. */
export function ToMark({ toGo, target, family }: { readonly toGo: number; readonly target: number; readonly family: string }) {
  const share = Math.min(1, Math.max(0, 1 - toGo / Math.max(target, 1e-9)));
  const drawn = share < 0.9 ? (share / 0.9) * 0.5 : 0.5 + ((share - 0.9) / 0.1) * 0.5;
  return (
    <div className="relative mt-2 h-7 border-ink border-2" aria-hidden="true">
      <div className="h-full" style={{ ...familyFill(family), width: `${drawn * 100}%` }} />
      <span className="absolute inset-y-0 left-1/2 border-ink border-l border-dashed" />
    </div>
  );
}

/** One ingredient of the pot: how much of it is in, of how much. */
function MarkRow({ line, isNext }: { readonly line: Running['lines'][number]; readonly isNext: boolean }) {
  return (
    <li className="border-hair border-b py-2">
      <div className="flex items-center gap-3">
        <span
          aria-hidden="true"
          className="h-6 w-6 shrink-0"
          style={familyFill(findIngredient(line.ingredient, catalogue())?.family ?? '')}
        />
        <span className={`grow ${isNext ? 'font-semibold' : ''}`}>{findIngredient(line.ingredient, catalogue())?.name}</span>
        <span className="reading whitespace-nowrap text-right">
          <strong>{figure(line.pouredG, 'g', reads(), 1)}</strong>
          {wording.ofWord(sayMark(line.targetG, reads()))}
          <span
            className={`block text-sm font-semibold ${line.overG > 0 ? 'text-late' : line.isDone ? 'text-fit' : 'text-soft'}`}
          >
            {line.overG > 0 ? wording.over : line.isDone ? wording.inWord : wording.toGo}
          </span>
        </span>
      </div>
    </li>
  );
}
