import { laysCoat, type RegimenStep } from '@/core/regimen';
import { GLYPHS } from '../steps';

type Props = {
  readonly step: Pick<RegimenStep, 'kind' | 'lies' | 'slot'>;
  readonly size: number;
};

/** One step as a sign: a drop for a coat (a puddle under it where it lies flooded), a cloth, a sheet of paper, an eye. */
export function StepGlyph({ step: { kind, lies }, size }: Props) {
  const { fill, line } = GLYPHS[kind];
  const tone = laysCoat({ kind }) ? 'var(--wet)' : 'var(--paper)';
  return (
    <svg aria-hidden="true" viewBox="0 0 24 24" width={size} height={size} className="shrink-0">
      {fill ? <path d={fill} fill={tone} stroke="var(--ink)" strokeWidth={1.8} strokeLinejoin="round" /> : null}
      {line ? <path d={line} fill="none" stroke="var(--ink)" strokeWidth={1.8} strokeLinecap="round" /> : null}
      {kind === 'coat' && lies === 'flooded' ? (
        <path d="M1 22.4H23" stroke="var(--wet)" strokeWidth={3} strokeLinecap="round" />
      ) : null}
    </svg>
  );
}
