import type { TreatmentAnswer, TrialKind } from '@/core/trial';
import { sayDifference, sayValue, sayVerdict } from '@/messages';
import { LINE_LETTERS, toneOf } from '@/ui/line-look';
import { reads } from '@/web/here';

type Row = { readonly answer: TreatmentAnswer; readonly at: number; readonly name: string };
type Props = { readonly kind: TrialKind; readonly better: 'high' | 'low'; readonly rows: readonly Row[] };

const VERDICT_LOOK = {
  better: 'text-fit',
  worse: 'text-late',
  reference: 'text-soft',
  'too-few': 'text-soft',
  'no-difference-shown': '',
};
const SIGN = { better: '● ', worse: '▲ ', reference: '', 'too-few': '', 'no-difference-shown': '= ' } as const;

/** How far each finish is from what it is compared with, with its span; better lies to the right. */
export function SpanChart({ kind, better, rows }: Props) {
  const reach =
    Math.max(0.1, ...rows.flatMap(({ answer }) => [answer.difference, answer.low ?? 0, answer.high ?? 0].map(Math.abs))) * 1.08;
  const sign = better === 'high' ? 1 : -1;
  const x = (value: number): number => 50 + (50 * sign * value) / reach;
  return (
    <ul className="flex flex-col">
      {rows.map(({ answer, at, name }) => (
        <li
          key={answer.id}
          className="grid grid-cols-[2.25rem_minmax(0,9rem)_minmax(0,1fr)_6.5rem] items-center gap-x-3 border-hair border-t py-2"
        >
          <span className="reading flex h-8 w-8 items-center justify-center border-2 border-ink bg-paper font-bold">
            {LINE_LETTERS[at]}
          </span>
          <span className="leading-5">
            {name}
            <span className={`block text-sm font-semibold ${kind === 'darkened' ? '' : VERDICT_LOOK[answer.verdict]}`}>
              {kind === 'darkened' ? '' : SIGN[answer.verdict]}
              {sayVerdict(kind, answer.verdict)}
            </span>
          </span>
          <span className="relative block h-12">
            <svg viewBox="0 0 100 24" preserveAspectRatio="none" className="absolute inset-0 h-full w-full" aria-hidden="true">
              <line x1="50" x2="50" y1="0" y2="24" stroke="var(--ink)" strokeWidth="1" vectorEffect="non-scaling-stroke" />
              {answer.low !== null && answer.high !== null ? (
                <line
                  x1={x(answer.low)}
                  x2={x(answer.high)}
                  y1="12"
                  y2="12"
                  stroke={toneOf(at)}
                  strokeWidth="9"
                  vectorEffect="non-scaling-stroke"
                />
              ) : null}
            </svg>
            <span
              className="-translate-x-1/2 -translate-y-1/2 absolute top-1/2 h-4 w-4 rounded-full border-[3px] border-ink bg-paper"
              style={{ left: `${x(answer.difference)}%` }}
              aria-hidden="true"
            />
          </span>
          <span className="reading text-right text-sm">
            {sayValue(kind, answer.mean, reads())}
            {answer.verdict === 'reference' ? '' : <strong>, {sayDifference(kind, answer.difference, reads())}</strong>}
          </span>
        </li>
      ))}
    </ul>
  );
}
