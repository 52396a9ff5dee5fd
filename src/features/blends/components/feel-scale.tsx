import { FEEL_BANDS, waxEquivalentAt } from '@/core/blend';
import { say } from '@/core/quantity';
import { FEEL_WORDS } from '@/messages';
import { feelScale as wording } from '@/messages/screens/blends';
import { reads } from '@/web/here';

/** Where a wax equivalent lies on a scale of bands that are drawn equally wide, 0–1. */
function positionOf(e: number): number {
  const index = FEEL_BANDS.findIndex((band) => e < band.below);
  const from = FEEL_BANDS[index - 1]?.below ?? 0;
  const below = FEEL_BANDS[index]?.below ?? 1;
  const to = Number.isFinite(below) ? below : 1.2;
  return (index + Math.min(1, (e - from) / (to - from))) / FEEL_BANDS.length;
}

type FeelScaleProps = {
  readonly waxEquivalent: number;
  readonly ambientC: number;
  readonly feel: keyof typeof FEEL_WORDS;
};

/** From runny to block, with this blend's mark at the shop's temperature. An estimate. */
export function FeelScale({ waxEquivalent, ambientC, feel }: FeelScaleProps) {
  const at = positionOf(waxEquivalentAt(waxEquivalent, ambientC));
  return (
    <figure>
      <figcaption className="flex items-baseline justify-between">
        <h2 className="text-base">{wording.feel(FEEL_WORDS[feel])}</h2>
        <span className="label">{wording.estimateAt(say(ambientC, '°C', reads()))}</span>
      </figcaption>
      <div className="relative mt-5 mb-1">
        <div className="flex h-4 border-ink border-2">
          {FEEL_BANDS.map((band, index) => (
            <span
              key={band.feel}
              className="grow basis-0 border-ink border-r last:border-r-0"
              style={{ background: `color-mix(in oklab, var(--wax) ${10 + index * 13}%, var(--paper))` }}
            />
          ))}
        </div>
        <svg
          width="18"
          height="22"
          viewBox="0 0 18 22"
          className="-top-5 -translate-x-1/2 absolute"
          style={{ left: `${at * 100}%` }}
          aria-hidden="true"
        >
          <path d="M1 0h16L9 16z" fill="var(--ink)" />
        </svg>
      </div>
      <div className="flex" aria-hidden="true">
        {FEEL_BANDS.map((band) => (
          <span
            key={band.feel}
            className={`grow basis-0 text-center text-xs leading-4 ${band.feel === feel ? 'font-bold' : 'text-soft'}`}
          >
            {FEEL_WORDS[band.feel]}
          </span>
        ))}
      </div>
    </figure>
  );
}
