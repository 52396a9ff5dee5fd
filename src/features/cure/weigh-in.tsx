import 'server-only';
import { LEAST_WEIGHINGS, type WeighCurve } from '@/core/cure';
import { moistureSwing } from '@/core/piece';
import { MS_PER_HOUR, say, sayMinutes } from '@/core/quantity';
import { weighInOf } from '@/data/cure/commands';
import type { Db } from '@/data/db';
import { weighIn as wording } from '@/messages/screens/cure';
import { reads } from '@/web/here';
import { WeighDrawn } from './components/weigh-drawn';
import { WeighForm } from './components/weigh-form';

/** What the weighings say, in words. */
export function weighWords(curve: WeighCurve | null, count: number): string {
  if (!curve) return wording.ofAtLeastWeighings(count, LEAST_WEIGHINGS);
  const days = (hours: number): string => sayMinutes(hours * 60);
  const parts = [
    curve.lostUntil === null ? '' : wording.leftItUntilAfter(say(curve.lostG, 'g', reads()), days(curve.lostUntil)),
    curve.gainedG > 0 ? wording.cameFromTheAir(say(curve.gainedG, 'g', reads())) : '',
    curve.plateau
      ? curve.plateau.fromHours === curve.plateau.low && curve.plateau.high === curve.plateau.low
        ? wording.itsWeightNeverChanged
        : wording.sinceAboutItChanges(days(curve.plateau.fromHours), days(curve.plateau.low), days(curve.plateau.high))
      : wording.itStillChangesNo,
  ];
  return parts.filter(Boolean).join(' ');
}

/** What moisture alone may have done to a piece that was weighed without a bare one beside it. */
function swingWords(startG: number, airs: Props['airs']): string {
  const swing = moistureSwing(startG, airs);
  if (!swing) return '';
  const { lowG, highG } = swing;
  return highG - lowG < 0.05 ? wording.theAirHardlyChanged : wording.noBarePieceWas(signed(lowG), signed(highG));
}
const signed = (grams: number): string => `${grams < -0.05 ? '−' : '+'}${say(Math.abs(grams), 'g', reads(), 1)}`;

type Props = {
  readonly db: Db;
  readonly batchId: number;
  readonly startMs: number;
  readonly decided: boolean;
  /** The air where it stood, from its last coat on. */
  readonly airs: readonly { readonly atMs: number; readonly tempC: number; readonly rh: number }[];
};

/** The weigh-in of a batch's test piece: evidence beside the estimate, never instead of a check. */
export function WeighIn({ db, batchId, startMs, decided, airs }: Props) {
  const { weighed, curve } = weighInOf(db, batchId, startMs);
  if (weighed.length === 0 && decided) return null;
  const [first] = [...weighed].sort((a, b) => a.hours - b.hours);
  const fromMs = startMs + (first?.hours ?? 0) * MS_PER_HOUR;
  const last = weighed.at(-1)?.hours ?? 0;
  const untilMs = startMs + last * MS_PER_HOUR;
  const before = airs.findLast((air) => air.atMs <= fromMs);
  const since = [...(before ? [before] : []), ...airs.filter((air) => air.atMs > fromMs && air.atMs <= untilMs)];
  const drawn = curve ? Array.from({ length: 61 }, (_, i) => ({ hours: (last * i) / 60, grams: curve.at((last * i) / 60) })) : [];
  return (
    <section>
      <div className="mb-1 flex flex-wrap items-baseline justify-between gap-3">
        <h2>{wording.weighIn}</h2>
        {decided ? null : <WeighForm batchId={batchId} />}
      </div>
      {weighed.length > 0 ? <WeighDrawn weighed={weighed} curve={drawn} plateau={curve?.plateau ?? null} /> : null}
      <p className="reading">{weighWords(curve, weighed.length)}</p>
      {first && weighed.length > 1 ? <p>{swingWords(first.grams, since)}</p> : null}
      <p className="text-sm text-soft">{wording.solventLeavesThenOxygen}</p>
    </section>
  );
}
