import 'server-only';
import type { ReactNode } from 'react';
import { begun } from '@/data/care/begun';
import type { Db } from '@/data/db';
import { firstSteps as wording } from '@/messages/screens/today';
import { lookOf } from '@/trade/drawing/look';
import { PieceMark } from '@/trade/drawing/piece-mark';
import { Vessel } from '@/trade/drawing/vessel';
import { Link } from '@/ui/link';

/** A board as boards are. */
const BOARD = { shape: 'board', lengthMm: 380, widthMm: 230, thickMm: 24, grain: 'long' } as const;

type Step = {
  readonly name: string;
  readonly says: string;
  readonly href: string;
  readonly isDone: boolean;
  readonly picture: ReactNode;
};

function stepsOf(db: Db, batches: number): readonly Step[] {
  const done = begun(db);
  return [
    {
      name: wording.bringIn,
      says: wording.theFirstOilAnd,
      href: '/stores?do=receive',
      isDone: done.received,
      picture: (
        <>
          <Vessel kind="bottle" level={0.8} colour="var(--never)" size={64} />
          <Vessel kind="bar" level={1} colour="var(--wax)" size={64} />
        </>
      ),
    },
    {
      name: wording.mix,
      says: wording.aBlendByWeight,
      href: '/blends/new',
      isDone: done.mixed,
      picture: (
        <>
          <Vessel kind="trough" level={0.6} colour="var(--wax)" size={64} />
          <Vessel kind="tin" level={1} colour="var(--wax)" size={64} />
        </>
      ),
    },
    {
      name: wording.finish,
      says: wording.aBatchWhichPiece,
      href: '/work/new',
      isDone: batches > 0,
      picture: <PieceMark look={lookOf(BOARD, 'cherry')} count={3} scale={1.3} />,
    },
    {
      name: wording.handOver,
      says: wording.judgedFitSoldWith,
      href: '/care',
      isDone: done.sold,
      picture: (
        <svg aria-hidden="true" viewBox="0 0 48 60" width={52} height={64}>
          <path d="M6 3H42V57H6Z" fill="var(--paper)" stroke="var(--ink)" strokeWidth={2} />
          <path d="M12 12H30M12 20H36M12 27H34" stroke="var(--ink)" strokeWidth={2} />
          <path d="M14 36H26V48H14ZM30 36H36V42H30ZM30 45H36V48H30Z" fill="var(--ink)" />
        </svg>
      ),
    },
  ];
}

type Props = { readonly db: Db; readonly batches: number };

/** The way through the work for a shop that has not gone it once: four pictures, each with its first act. Gone once all four were done. */
export function FirstSteps({ db, batches }: Props) {
  const steps = stepsOf(db, batches);
  if (steps.every((step) => step.isDone)) return null;
  const next = steps.find((step) => !step.isDone);
  return (
    <section aria-label={wording.howItGoes} className="mb-6">
      <ol className="grid grid-cols-4 gap-2 bench:gap-3">
        {steps.map((step, i) => (
          <li key={step.name}>
            <Link
              href={step.href}
              className={`flex h-full flex-col gap-1 border-2 p-2 bench:p-3 no-underline hover:underline ${step === next ? 'border-ink bg-paper' : 'border-rule'}`}
            >
              <span className="flex h-16 items-end gap-2 max-bench:[&>svg]:max-w-full max-bench:[&>svg:nth-child(2)]:hidden bench:h-20">
                {step.picture}
              </span>
              <span className="font-semibold leading-5 bench:text-lg">
                {step.isDone ? <span className="text-fit">● </span> : `${i + 1} `}
                {step.name}
              </span>
              <span className="text-sm text-soft max-bench:hidden">{step.isDone ? wording.doneOnce : step.says}</span>
            </Link>
          </li>
        ))}
      </ol>
    </section>
  );
}
