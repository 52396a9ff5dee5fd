import { laysCoat, type RegimenStep, STEP_KINDS } from '@/core/regimen';
import { GLYPHS } from '../steps';

type Props = {
  readonly step: Pick<RegimenStep, 'kind' | 'lies' | 'slot'>;
  readonly size: number;
};

const FLOODED = 'coat-flooded';
const glyphOf = ({ kind, lies }: Props['step']): string => (kind === 'coat' && lies === 'flooded' ? FLOODED : kind);

function Strokes({ kind, lies }: Pick<Props['step'], 'kind' | 'lies'>) {
  const { fill, line } = GLYPHS[kind];
  const tone = laysCoat({ kind }) ? 'var(--wet)' : 'var(--paper)';
  return (
    <>
      {fill ? <path d={fill} fill={tone} stroke="var(--ink)" strokeWidth={1.8} strokeLinejoin="round" /> : null}
      {line ? <path d={line} fill="none" stroke="var(--ink)" strokeWidth={1.8} strokeLinecap="round" /> : null}
      {kind === 'coat' && lies === 'flooded' ? (
        <path d="M1 22.4H23" stroke="var(--wet)" strokeWidth={3} strokeLinecap="round" />
      ) : null}
    </>
  );
}

/** One step as a sign: a drop for a coat (a puddle under it where it lies flooded), a cloth, a sheet of paper, an eye. */
export function StepGlyph({ step, size }: Props) {
  return (
    <svg aria-hidden="true" viewBox="0 0 24 24" width={size} height={size} className="shrink-0">
      <Strokes {...step} />
    </svg>
  );
}

/** Every sign once for the page, where lists refer to them: a list of schools has hundreds. */
export function GlyphSheet() {
  return (
    <svg aria-hidden="true" className="absolute size-0">
      {[
        ...STEP_KINDS.map((kind) => ({ kind, lies: null, slot: null })),
        { kind: 'coat' as const, lies: 'flooded' as const, slot: null },
      ].map((step) => (
        <symbol key={glyphOf(step)} id={`glyph-${glyphOf(step)}`} viewBox="0 0 24 24">
          <Strokes {...step} />
        </symbol>
      ))}
    </svg>
  );
}

/** A sign by its place in the page's `GlyphSheet`. */
export const GlyphUse = ({ step }: Pick<Props, 'step'>) => (
  <svg aria-hidden="true" className="glyph">
    <use href={`#glyph-${glyphOf(step)}`} />
  </svg>
);
