import { laysCoat, type RegimenStep } from '@/core/regimen';

/** What is drawn for a step: one shape for each kind of hand-work, in a box of 24. */
const SHAPES: Readonly<Record<RegimenStep['kind'], { readonly fill?: string; readonly line?: string }>> = {
  sand: { fill: 'M3 5H21V17L17 21H3Z', line: 'M7 9H8M12 9H13M17 9H18M7 13H8M12 13H13M7 17H8M12 17H13' },
  scuff: { fill: 'M3 8H21V18H3Z', line: 'M6 12L9 15M11 12L14 15M16 12L19 15' },
  wet: { line: 'M2 9Q5 5 8 9T14 9T20 9L22 8M2 16Q5 12 8 16T14 16T20 16L22 15' },
  coat: { fill: 'M12 2C16 8 19 11 19 15A7 7 0 0 1 5 15C5 11 8 8 12 2Z' },
  wipe: { fill: 'M3 4H20L21 20H4Z', line: 'M8 4L9 20M15 4L15 20M3 12H21' },
  buff: { fill: 'M12 3A9 9 0 1 0 12 21A9 9 0 1 0 12 3Z', line: 'M12 7A5 5 0 0 1 17 12M12 17A5 5 0 0 1 7 12' },
  warm: { line: 'M6 3V14M12 3V14M18 3V14M3 20H21M6 14L6 17M12 14V17M18 14V17' },
  turn: { line: 'M4 12A8 8 0 0 1 19 8M19 3V8H14M20 12A8 8 0 0 1 5 16M5 21V16H10' },
  inspect: { line: 'M3 19H21M5 16L19 16M12 3V7M5 6L8 9M19 6L16 9M9 12H15' },
  colour: { fill: 'M6 3H18V9L15 21H9L6 9Z', line: 'M6 9H18M9 13L14 18M14 13L10 17' },
  fill: { fill: 'M3 4H21V20H3Z', line: 'M8 4L11 10L8 14L12 20M15 12L16 20' },
  paint: { fill: 'M7 12H17V21H7Z', line: 'M9 12V4H15V12M7 16H17' },
  spray: { line: 'M4 10H9V20H4ZM9 12L13 12M15 8L20 5M15 12L21 12M15 16L20 19' },
  press: { fill: 'M9 3H15V12H9Z', line: 'M3 19A9 4 0 0 1 21 19M12 12V15' },
  wheel: { fill: 'M12 2A10 10 0 1 0 12 22A10 10 0 1 0 12 2Z', line: 'M12 2V22M2 12H22M5 5L19 19M19 5L5 19' },
  check: { fill: 'M2 12Q12 2 22 12Q12 22 2 12Z', line: 'M12 9A3 3 0 1 0 12 15A3 3 0 1 0 12 9Z' },
};

type Props = {
  readonly step: Pick<RegimenStep, 'kind' | 'lies' | 'slot'>;
  readonly size: number;
};

/** One step as a sign: a drop for a coat (a puddle under it where it lies flooded), a cloth, a sheet of paper, an eye. */
export function StepGlyph({ step: { kind, lies }, size }: Props) {
  const { fill, line } = SHAPES[kind];
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
