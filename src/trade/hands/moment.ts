import 'server-only';
import type { Progress } from '@/core/batch';
import type { Doing } from '@/core/caution';
import { doingIn, isDoneThere } from '@/core/hands';
import { MS_PER_HOUR, MS_PER_MINUTE, say, sayMinutes } from '@/core/quantity';
import { CABINET, cabinetFault, lightsVapour } from '@/core/regimen';
import type { Db } from '@/data/db';
import { woodOfBatch } from '@/data/release/uses';
import { lastReading } from '@/data/shop/queries';
import type { KnownLot } from '@/data/stores/queries';
import type { Batch } from '@/data/work/batch';
import { vapourWetMs } from '@/data/work/standing';
import type { CautionWords } from '@/messages';
import { moment as wording } from '@/messages/screens/trade';
import { reads } from '@/web/here';
import { cautionsWith, type Moment, warmingWords } from '../cautions';

/** The lots in hand in the next step of a batch, and what is done with them; null where nothing bites. */
export function momentOf(
  batch: Batch,
  { next, done }: Progress,
  restoring: boolean,
): { readonly lots: readonly KnownLot[]; readonly is: Moment<Doing> } | null {
  if (!next) return null;
  const { step } = next.task;
  // Weighing in the hardener is a step of its own, before anything is laid on.
  const isFirst = done.every((one) => one.task.step.slot === null);
  const mixing = step.kind === 'turn' && isFirst ? batch.regimen.slots.flatMap((one) => one.adds) : [];
  const doing = doingIn(step, batch.place?.kind ?? null) ?? (mixing.length > 0 ? 'weighing' : null);
  if (!doing) return null;
  const slots = [...done.map((one) => one.task.step.slot), step.slot].filter((slot) => slot !== null);
  const last = slots.at(-1);
  const given = batch.lots.flatMap(({ slot, lot }) => (slots.includes(slot) ? [lot] : []));
  const adds = [...mixing, ...batch.regimen.slots.flatMap((one) => (one.slot === last ? one.adds : []))];
  const inHand = last && batch.materials[last] ? [batch.materials[last]] : [];
  const stands = isDoneThere(step, doing) ? (step.place ?? batch.place?.kind) : batch.place?.kind;
  return {
    lots: doing === 'sanding' ? given : inHand,
    is: {
      doing,
      adds,
      place: stands ?? null,
      // What warms a piece is asked about apart.
      heater: null,
      wood: woodOfBatch(batch),
      woodSensitises: [...batch.kinds.map((kind) => kind.species), ...batch.woods].some((wood) => wood.dust !== null),
      oiledBefore: given.length > 0,
      restoring,
      unknownFinish: restoring,
    },
  };
}

function cabinetTrouble(db: Db, batch: Batch, progress: Progress, nowMs: number): string | null {
  if (!batch.place || !lightsVapour(batch.place) || batch.release) return null;
  const isCabinet = batch.place.kind === 'warm cabinet';
  const where = isCabinet ? wording.inTheWarmCabinet : wording.atNearHeatOr(batch.place.name);
  const reading = lastReading(db, batch.place.id);
  const wet = vapourWetMs(batch, progress);
  const fault = cabinetFault(wet, nowMs, reading?.tempC ?? null);
  if (fault === 'vapour' && wet !== null)
    return wording.standsWetWithSomething(batch.number, where, sayMinutes((nowMs - wet) / MS_PER_MINUTE), CABINET.afterWetHours);
  if (isCabinet && fault === 'too-hot')
    return wording.theWarmCabinetWas(
      reading === null || reading === undefined ? '' : say(reading.tempC, '°C', reads()),
      say(CABINET.atMostC, '°C', reads(), 0),
    );
  return null;
}

/** An alarm that stands until what it says is put right; its key stays while its words change. */
export type Alarm = { readonly key: string; readonly text: string };

/** What is wrong in the warm cabinet, batch by batch; what was done there is recorded all the same, and alarms. */
export const cabinetTroubles = (
  db: Db,
  some: readonly { readonly batch: Batch; readonly standing: { readonly progress: Progress } }[],
  nowMs: number,
): Alarm[] =>
  some.flatMap(({ batch, standing }) => {
    const text = cabinetTrouble(db, batch, standing.progress, nowMs);
    return text === null ? [] : [{ key: `cabinet ${batch.number}`, text }];
  });

/** From when on a batch may go into a warm cabinet, UTC ms; null where nothing on it gives off vapour any more. */
export function warmFromMs(batch: Batch, progress: Progress, nowMs: number): number | null {
  const wet = vapourWetMs(batch, progress);
  return wet !== null && cabinetFault(wet, nowMs, null) === 'vapour' ? wet + CABINET.afterWetHours * MS_PER_HOUR : null;
}

/** What bites at what is next on a batch: its gravest caution, and what may warm the piece; null where nothing does. */
export type Bites = { readonly caution: CautionWords | null; readonly warming: string | null };
export const NOTHING_BITES: Bites = { caution: null, warming: null };

export function bitesOf(batch: Batch, progress: Progress, restoring: boolean): Bites {
  const moment = momentOf(batch, progress, restoring);
  if (!moment) return NOTHING_BITES;
  return { caution: cautionsWith(moment.lots, moment.is)[0] ?? null, warming: warmingWords(moment.lots, moment.is) };
}
