import 'server-only';
import { thirstOf } from '@/core/piece';
import { say } from '@/core/quantity';
import { laysCoat } from '@/core/regimen';
import type { Db } from '@/data/db';
import { type Batch, piecesIn, tagOf } from '@/data/work/batch';
import type { BatchStanding } from '@/data/work/standing';
import { massReadings } from '@/data/work/uptake';
import { drinks as wording } from '@/messages/screens/work';
import { LastCoat } from '@/trade/hands/coat-changes';
import { reads } from '@/web/here';
import { WeighPiece } from './components/weigh-piece';

const ADVICE = {
  drinking: { mark: '●', says: wording.itStillDrinksAnotherCoat },
  slowing: { mark: '◐', says: wording.itSlowsOneMoreThin },
  full: { mark: '○', says: wording.itIsFullMoreWould },
} as const;

/** What the pieces drank by the scale: grams a square metre coat by coat, and whether to go on. */
export function Drinks({ db, batch, standing }: { readonly db: Db; readonly batch: Batch; readonly standing: BatchStanding }) {
  const readings = massReadings(db, batch.id);
  const done = readings.filter((row) => row.afterG !== null);
  const open = readings.filter((row) => row.afterG === null);
  const byPiece = [...new Set(done.map((row) => row.pieceId))].map((id) => done.filter((row) => row.pieceId === id));
  const tasks = standing.tasks.filter((task) => laysCoat(task.step));
  const next = standing.progress.rest.find((task) => laysCoat(task.step)) ?? tasks.at(-1);
  // What a piece is full of is what it was given last.
  const last = standing.progress.done.findLast(({ task }) => laysCoat(task.step))?.task.step.slot;
  const soaking = batch.regimen.slots.find(({ slot }) => slot === last);
  const left = standing.progress.rest.filter(({ step, round }) => laysCoat(step) && step.slot === last && round === 1).length;
  const name = (key: string): string => standing.tasks.find((task) => task.key === key)?.step.done.toLowerCase() ?? key;
  return (
    <section>
      <h2 className="mb-1">{wording.whatItDrinks}</h2>
      {byPiece.map((rows) => {
        const { perM2, thirst } = thirstOf(
          rows.map((row) => (row.afterG ?? 0) - row.beforeG),
          batch.design.area.areaMm2,
        );
        const advice = thirst ? ADVICE[thirst] : null;
        const [first] = rows;
        return (
          <div key={first?.pieceId} className="mb-1">
            <p className="reading">
              {first ? tagOf(batch, first) : ''}: {perM2.map((value) => say(value, 'g/m²', reads())).join(wording.thenWord)}
            </p>
            <p className="font-semibold">{advice ? `${advice.mark} ${advice.says}` : wording.oneCoatWeighedThe}</p>
            {thirst === 'full' && soaking && left > 0 ? (
              <LastCoat
                batchId={batch.id}
                slot={soaking.slot}
                name={soaking.name.toLowerCase()}
                left={left}
                reason="full"
                look="hand"
              />
            ) : null}
          </div>
        );
      })}
      {done.length === 0 ? <p className="text-sm text-soft">{wording.theEndOfA}</p> : null}
      <WeighPiece
        batchId={batch.id}
        task={next?.key ?? ''}
        coat={next ? name(next.key) : ''}
        pieces={piecesIn(batch).map((one) => ({ id: one.id, tag: tagOf(batch, one) }))}
        open={open.map((row) => ({
          id: row.id,
          says: wording.wasBeforeItWas(tagOf(batch, row), say(row.beforeG, 'g', reads()), name(row.task)),
        }))}
      />
    </section>
  );
}
