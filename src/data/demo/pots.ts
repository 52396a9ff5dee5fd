import 'server-only';
import { MS_PER_MINUTE } from '@/core/quantity';
import { fillJars, finishWeighing, lidJars, recordPotWeighing, startPour } from '../pour/commands';
import { addPan, finishHeating, putOnHeat, recordPotTemperature } from '../pour/heat';
import { findPot } from '../pour/queries';
import { allLots, containers } from '../stores/queries';
import { by, DAY, type DemoScene, INES, must } from './scene';

type Pot = {
  readonly revisionId: number;
  readonly targetG: number;
  readonly at: number;
  readonly offG: readonly number[];
  readonly jars: readonly (readonly [string, number, number])[];
  readonly temps: readonly number[];
  /** The lots to weigh from; without them the first of each ingredient. */
  readonly from?: readonly number[];
};

/** Weighs, melts and fills one pot as it was done; `offG` is how far each ingredient missed its mark. */
export function makePot({ db }: DemoScene, { revisionId, targetG, at, offG, jars, temps, from }: Pot): number {
  const maker = by(INES, at);
  const { id } = must(startPour(db, { revisionId, targetG }, maker));
  const lines = findPot(db, id)?.revision.lines ?? [];
  const parts = lines.reduce((sum, line) => sum + line.parts, 0);
  let reading = 0;
  lines.forEach((line, i) => {
    reading += (targetG * line.parts) / parts + (offG[i] ?? 0);
    const lot = allLots(db).find((one) => one.ingredientId === line.ingredient && (from?.includes(one.id) ?? true));
    must(
      recordPotWeighing(
        db,
        {
          clientId: `demo-weigh-${id}-${i}`,
          pourId: id,
          ingredientId: line.ingredient,
          lotId: lot?.id ?? 0,
          readingG: Math.round(reading * 10) / 10,
          corrects: null,
        },
        maker,
      ),
    );
  });
  must(finishWeighing(db, id, findPot(db, id)?.version ?? 1, maker));
  if (findPot(db, id)?.state === 'heating')
    must(putOnHeat(db, id, findPot(db, id)?.version ?? 1, 1, by(INES, at + 4 * MS_PER_MINUTE)));
  temps.forEach((tempC, i) => {
    must(
      recordPotTemperature(
        db,
        { clientId: `demo-temp-${id}-${i}`, pourId: id, tempC },
        by(INES, at + (10 + i * 6) * MS_PER_MINUTE),
      ),
    );
  });
  if (findPot(db, id)?.state === 'heating')
    must(finishHeating(db, id, findPot(db, id)?.version ?? 1, by(INES, at + 48 * MS_PER_MINUTE)));
  const filled = jars.map(([name, count, netG]) => ({
    containerId: containers(db).find((one) => one.name === name)?.id ?? 0,
    count,
    netG,
    samplesG: count > 2 ? [netG, netG + 0.7, netG + 0.3] : [],
  }));
  must(
    fillJars(
      db,
      { pourId: id, version: findPot(db, id)?.version ?? 1, residueG: 4, jars: filled },
      by(INES, at + 50 * MS_PER_MINUTE),
    ),
  );
  if (findPot(db, id)?.filledAt) must(lidJars(db, id, by(INES, at + 260 * MS_PER_MINUTE)));
  return findPot(db, id)?.lotId ?? 0;
}

/** The pots of the last weeks; gives their lots by the name of the formula. */
export function makePots(scene: DemoScene, revisions: ReadonlyMap<string, number>): Map<string, number> {
  must(addPan(scene.db, { name: 'Enamel pan on the small ring', waterG: 1400, heaterW: 800, lossWPerK: 3, uaWPerK: 10 }));
  const revision = (name: string): number => revisions.get(name) ?? 0;
  const ago = (days: number): number => scene.nowMs - days * DAY;
  const pots: readonly (readonly [string, Omit<Pot, 'revisionId'>])[] = [
    [
      'Lantern paste',
      {
        targetG: 1200,
        at: ago(36),
        offG: [0.4, -0.6],
        jars: [
          ['Tin 60 ml', 8, 46.8],
          ['Tin 125 ml', 2, 98.2],
        ],
        temps: [41, 58, 66, 70],
      },
    ],
    ['Heron oil-wax', { targetG: 420, at: ago(30), offG: [1.2, 0, 0], jars: [['Tin 125 ml', 1, 104]], temps: [52, 69, 73] }],
    ['Tideline tung', { targetG: 600, at: ago(22), offG: [0, 0.8], jars: [], temps: [] }],
  ];
  return new Map(pots.map(([name, pot]) => [name, makePot(scene, { ...pot, revisionId: revision(name) })]));
}
