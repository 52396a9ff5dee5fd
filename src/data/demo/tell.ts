import 'server-only';
import { closesWhenLaid } from '@/core/cloths';
import { MS_PER_HOUR, MS_PER_MINUTE } from '@/core/quantity';
import { sellPieces } from '../care/commands';
import { allDesigns, allRegimens } from '../catalogue/catalogue';
import { recordCheck } from '../cure/commands';
import { checkRags, layRags } from '../rags/commands';
import { openRagLines } from '../rags/queries';
import { decideRelease } from '../release/commands';
import { places } from '../shop/queries';
import { allLots } from '../stores/queries';
import { findBatchId } from '../work/batch';
import { addDesign, moveBatch, startBatch } from '../work/commands';
import { recordEntry } from '../work/record';
import { splitBatch } from '../work/split';
import { by, DAY, type DemoScene, dayFrom, INES, must, WREN } from './scene';
import { DESIGNS, type Story } from './stories';

/** A story whose lots are known by their rows. */
export type LotStory = Omit<Story, 'materials'> & { readonly materials: Readonly<Record<string, number>> };

export function drawDesigns({ db, nowMs }: DemoScene): void {
  for (const design of DESIGNS) must(addDesign(db, design, nowMs - 38 * DAY));
}

/** Tells one batch through the shop's own commands; gives its number. */
export function tellDemo({ db, nowMs }: DemoScene, story: LotStory): string {
  const startMs = nowMs + (story.startsInHours ?? -(story.done[0]?.[1] ?? 0) - 1) * MS_PER_HOUR;
  const design = allDesigns(db).find((one) => one.name === story.design);
  const regimen = allRegimens(db).find((one) => one.id === story.regimen);
  const dueAt = story.dueInDays === undefined ? null : nowMs + story.dueInDays * DAY;
  const started = must(
    startBatch(
      db,
      {
        designRevisionId: design?.revisionId ?? 0,
        speciesId: story.species,
        origin: 'bought',
        pieces: story.pieces,
        regimenRevisionId: regimen?.revisionId ?? 0,
        materials: story.materials,
        startAt: startMs,
        dueAt,
      },
      by(WREN, Math.min(startMs, nowMs)),
    ),
  );
  story.done.forEach(([task, hoursAgo, outcome, grams = null], i) => {
    const at = nowMs - Math.round(hoursAgo * 60) * MS_PER_MINUTE;
    const report = {
      clientId: `demo-${started.id}-${i}`,
      batchId: started.id,
      kind: outcome === 'left-out' ? ('left-out' as const) : ('done' as const),
      task,
      at,
      device: 'demo',
      deviceSequence: i,
      clockOffsetMs: 0,
      queued: false,
      grams,
      tempC: 18.4,
      rh: 0.56,
      pass: typeof outcome === 'boolean' ? outcome : null,
      seen: '',
    };
    must(recordEntry(db, report, by(i % 3 === 0 ? INES : WREN, at)));
    for (const line of hoursAgo > 15 ? openRagLines(db).filter((one) => one.laidAt === null && one.openedAt <= at) : []) {
      must(layRags(db, [line], 'flat', by(WREN, at + 20 * MS_PER_MINUTE)));
      if (!closesWhenLaid(line.hazard))
        must(checkRags(db, [{ ...line, version: line.version + 1 }], by(INES, at + 14 * MS_PER_HOUR)));
    }
  });
  const place = places(db).find((one) => one.kind === story.stands);
  if (place)
    must(moveBatch(db, started.id, place.id, by(WREN, nowMs - Math.round((story.done.at(-1)?.[1] ?? 0) * 60) * MS_PER_MINUTE)));
  for (const [kind, hoursAgo, pass] of story.checks ?? []) {
    must(
      recordCheck(
        db,
        {
          clientId: `demo-check-${started.id}-${kind}-${hoursAgo}`,
          batchId: started.id,
          kind,
          pass,
          note: '',
          at: nowMs - hoursAgo * MS_PER_HOUR,
        },
        by(INES, nowMs - hoursAgo * MS_PER_HOUR),
      ),
    );
  }
  return started.number;
}

/** Tells batches in order, with what becomes of each after its steps. `made` gives the lots that were poured, by name. */
export function tellAll(scene: DemoScene, stories: readonly Story[], made: ReadonlyMap<string, number>): void {
  const lots = allLots(scene.db);
  const lotOf = (name: string): number =>
    made.get(name) ?? lots.find((lot) => lot.title === name || (lot.ingredientId === name && lot.leftG > 100))?.id ?? 0;
  for (const { materials, ...story } of stories) {
    const lotIds = Object.fromEntries(Object.entries(materials).map(([slot, name]) => [slot, lotOf(name)]));
    const batchId = findBatchId(scene.db, tellDemo(scene, { ...story, materials: lotIds })) ?? 0;
    if (story.released) sellSome(scene, batchId, story.released);
    if (story.split) must(splitBatch(scene.db, { batchId, ...story.split }, by(INES, scene.nowMs - 12 * MS_PER_MINUTE)));
  }
}

function sellSome({ db, nowMs }: DemoScene, batchId: number, { daysAgo, sales }: NonNullable<Story['released']>): void {
  const at = nowMs - daysAgo * DAY + MS_PER_HOUR;
  must(decideRelease(db, { batchId, outcome: 'released', reason: '', signed: [] }, by(INES, at)));
  sales.forEach(({ daysAgo: then, ...sale }, i) => {
    must(
      sellPieces(
        db,
        { batchId, priceMinor: 6800, soldOn: dayFrom(nowMs, -then), ...sale },
        by(i % 2 ? INES : WREN, nowMs - then * DAY),
      ),
    );
  });
}
