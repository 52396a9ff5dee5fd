import 'server-only';
import { readFileSync } from 'node:fs';
import path from 'node:path';
import { closesWhenLaid } from '@/core/cloths';
import { MS_PER_HOUR, MS_PER_MINUTE } from '@/core/quantity';
import type { TrialKind } from '@/core/trial';
import { allRegimens } from '../catalogue/catalogue';
import { filesBeside, hashOf, keepFile } from '../files';
import { checkRags, layRags } from '../rags/commands';
import { openRagLines } from '../rags/queries';
import { allLots } from '../stores/queries';
import { closeTrial, countCycle, keepPicture, score, startTrial } from '../trials/commands';
import { findTrial, type Trial } from '../trials/queries';
import { loadBatch } from '../work/batch';
import { recordEntry } from '../work/record';
import { progressOfBatch } from '../work/standing';
import { by, DAY, type DemoScene, INES, must, WREN } from './scene';
import readings from './trial-readings.json';
import { SHOTS, shotFile, shotOf, WASHED } from './trial-scene';

/** What a made-up person scores: the grade each finish begins with, what a cycle takes from it, and who sees a little more. */
type Wears = readonly (readonly [first: number, perCycle: number])[];
const GLOSS: Wears = [
  [1.6, -0.01],
  [4.6, -0.05],
  [4.4, -0.09],
  [4.8, -0.17],
];
const DROPS: Wears = [
  [9, -0.2],
  [410, -6],
  [330, -9],
  [520, -27],
];

const pictureOf = (name: string): Buffer => readFileSync(path.join(process.cwd(), 'assets', 'trial', name));

/** Keeps the pictures of the demo's trial beside its file. */
export function keepTrialPictures(file: string): void {
  for (const shot of SHOTS) keepFile(pictureOf(shotFile(shot)), filesBeside(file));
}

const lotOf = (scene: DemoScene, name: string): number =>
  allLots(scene.db).find((lot) => (lot.ingredientId === name || lot.title === name) && lot.leftG > 40)?.id ?? 0;
const revisionOf = ({ db }: DemoScene, id: string): number => allRegimens(db).find((one) => one.id === id)?.revisionId ?? 0;

/** Does what is next of a batch when it is best done, until nothing is or a moment is reached; cloths are laid out each time. */
function runThrough({ db }: DemoScene, batchId: number, untilMs: number): void {
  // Looked at as it stood then: what is next goes by how long ago the last coat was.
  let asOfMs = loadBatch(db, batchId, untilMs)?.startAt ?? untilMs;
  for (let i = 0; i < 60; i++) {
    const batch = loadBatch(db, batchId, asOfMs);
    const next = batch && progressOfBatch(batch).progress.next;
    if (!batch || !next) return;
    const last = progressOfBatch(batch).progress.done.at(-1)?.fact.atMs ?? batch.startAt;
    const at = Math.max(batch.startAt, last + 5 * MS_PER_MINUTE, next.window.idealMs ?? 0);
    if (at > untilMs) return;
    asOfMs = at;
    const report = {
      clientId: `demo-trial-${batchId}-${i}`,
      batchId,
      kind: 'done' as const,
      task: next.task.key,
      at,
      device: 'demo',
      deviceSequence: i,
      clockOffsetMs: 0,
      queued: false,
      grams: null,
      tempC: 18.2,
      rh: 0.57,
      pass: next.task.step.until ? true : null,
      seen: '',
      sure: true,
    };
    must(recordEntry(db, report, by(i % 2 ? INES : WREN, at)));
    for (const line of openRagLines(db).filter((one) => one.laidAt === null && one.openedAt <= at)) {
      must(layRags(db, [line], 'flat', by(WREN, at + 15 * MS_PER_MINUTE)));
      if (!closesWhenLaid(line.hazard))
        must(checkRags(db, [{ ...line, version: line.version + 1 }], by(INES, at + 14 * MS_PER_HOUR)));
    }
  }
}

/** A number between −1 and 1 for a field, always the same. */
function scatter(board: number, place: number, cycle: number, kind: string): number {
  let h = Math.imul(board * 131 + place * 17 + cycle * 7 + kind.length * 1009, 0x9e3779b1);
  h = Math.imul(h ^ (h >>> 15), 0x85ebca6b);
  return ((h ^ (h >>> 13)) >>> 0) / 2 ** 31 - 1;
}

type Scoring = {
  readonly trial: Trial;
  readonly kind: TrialKind;
  readonly wears: Wears;
  readonly cycle: number;
  readonly at: number;
  readonly blind: boolean;
};

/** Scores every field once, as somebody would who sees some of it and not all. */
function scoreAll({ db }: DemoScene, { trial, kind, wears, cycle, at, blind }: Scoring): void {
  const scores = trial.fields.map(({ board, place, treatment }) => {
    const order = trial.treatments.findIndex((one) => one.key === treatment);
    const [first, per] = wears[order] ?? [3, 0];
    const sure = first + per * cycle;
    const seen = scatter(board, place, cycle, kind);
    const value =
      kind === 'drop'
        ? Math.max(3, Math.round(sure * (1 + 0.12 * seen)))
        : Math.min(5, Math.max(1, Math.round(sure + 0.45 * seen)));
    return { clientId: `demo-score-${trial.id}-${kind}-${cycle}-${board}-${place}`, board, place, kind, value };
  });
  must(score(db, { trialId: trial.id, blind, scorer: blind ? 'Odile from the ferry' : '', scores }, by(INES, at)));
}

/** Four finishes washed sixteen times, with pictures first, midway and last. */
function washed(scene: DemoScene): void {
  const { db, nowMs } = scene;
  const began = nowMs - 34 * DAY;
  const { number } = must(
    startTrial(
      db,
      {
        name: 'Which one stays through the washing?',
        question: 'gloss',
        kinds: ['gloss', 'drop'],
        wear: 'wash',
        protocol:
          'Two minutes in hand-warm water with two drops of washing-up liquid to the litre, twenty strokes of the sponge along each field, rinsed, wiped, on edge overnight.',
        threshold: 2,
        bearer: 'boards',
        speciesId: 'sycamore',
        boards: WASHED.boards,
        lengthMm: WASHED.lengthMm,
        widthMm: WASHED.widthMm,
        seed: WASHED.seed,
        startAt: began,
        treatments: [
          {
            name: WASHED.treatments[1],
            regimenRevisionId: revisionOf(scene, 'thin-drying'),
            materials: { oil: lotOf(scene, 'tung-oil') },
          },
          {
            name: WASHED.treatments[2],
            regimenRevisionId: revisionOf(scene, 'thin-drying'),
            materials: { oil: lotOf(scene, 'linseed-heat-bodied') },
          },
          {
            name: WASHED.treatments[3],
            regimenRevisionId: revisionOf(scene, 'soak-wax'),
            materials: { oil: lotOf(scene, 'mineral-oil'), paste: lotOf(scene, 'Lantern paste') },
          },
        ],
      },
      by(WREN, began),
    ),
  );
  const trial = findTrial(db, number);
  if (!trial) throw new Error('demo: no trial');
  for (const { batchId } of trial.treatments) runThrough(scene, batchId, nowMs - 24 * DAY);
  for (let cycle = 0; cycle <= 16; cycle++) {
    const at = nowMs - (22 - cycle) * DAY - 3 * MS_PER_HOUR;
    if (cycle > 0)
      must(countCycle(db, { clientId: `demo-wash-${cycle}`, trialId: trial.id, wear: 'wash', note: '' }, by(WREN, at)));
    if (cycle % 4 !== 0) continue;
    scoreAll(scene, { trial, kind: 'gloss', wears: GLOSS, cycle, at: at + MS_PER_HOUR, blind: true });
    if (cycle % 8 !== 0) continue;
    scoreAll(scene, { trial, kind: 'drop', wears: DROPS, cycle, at: at + MS_PER_HOUR, blind: false });
    for (const shot of SHOTS.filter((one) => one.cycle === cycle)) {
      const name = shotFile(shot) as keyof typeof readings;
      const { corners, width, height } = shotOf(shot);
      must(
        keepPicture(
          db,
          {
            clientId: `demo-picture-${name}`,
            trialId: trial.id,
            board: shot.board,
            lamp: shot.lamp,
            photo: hashOf(pictureOf(name)),
            corners: corners.map(([x, y]) => [x / width, y / height]),
            reading: readings[name] as unknown as Parameters<typeof keepPicture>[1]['reading'],
          },
          by(WREN, at + 2 * MS_PER_HOUR),
        ),
      );
    }
  }
  must(
    closeTrial(
      db,
      {
        trialId: trial.id,
        base: 1,
        why: 'Tung for boards that are washed; paste looks best on the first day and is gone by the second week.',
      },
      by(INES, nowMs - 5 * DAY),
    ),
  );
}

/** One that runs: spoons in halves, bare beside tung, two washes so far. */
function running(scene: DemoScene): void {
  const { db, nowMs } = scene;
  const began = nowMs - 16 * DAY;
  const { number } = must(
    startTrial(
      db,
      {
        name: 'Tung on birch spoons, or nothing',
        question: 'feel',
        kinds: ['feel', 'odour'],
        wear: 'wash',
        protocol: 'Stirred round a pot of tea for two minutes, washed by hand, dried standing in the crock.',
        threshold: 2,
        bearer: 'spoon',
        speciesId: 'birch',
        boards: 5,
        lengthMm: 70,
        widthMm: 45,
        seed: 5,
        startAt: began,
        treatments: [
          {
            name: 'Tung, thin',
            regimenRevisionId: revisionOf(scene, 'thin-drying'),
            materials: { oil: lotOf(scene, 'tung-oil') },
          },
        ],
      },
      by(INES, began),
    ),
  );
  const trial = findTrial(db, number);
  if (!trial) throw new Error('demo: no trial');
  for (const { batchId } of trial.treatments) runThrough(scene, batchId, nowMs - 6 * DAY);
  const wears: Wears = [
    [3.2, -0.6],
    [4.6, -0.1],
  ];
  const odour: Wears = [
    [5, 0],
    [3.4, 0.4],
  ];
  for (let cycle = 0; cycle <= 2; cycle++) {
    const at = nowMs - (5 - 2 * cycle) * DAY - 4 * MS_PER_HOUR;
    if (cycle > 0)
      must(countCycle(db, { clientId: `demo-stir-${cycle}`, trialId: trial.id, wear: 'wash', note: '' }, by(INES, at)));
    if (cycle === 1) continue;
    scoreAll(scene, { trial, kind: 'feel', wears, cycle, at: at + MS_PER_HOUR, blind: cycle === 2 });
    if (cycle === 0) scoreAll(scene, { trial, kind: 'odour', wears: odour, cycle, at: at + MS_PER_HOUR, blind: false });
  }
}

/** What the shed has tried, and what it is trying. */
export function tryFinishes(scene: DemoScene): void {
  washed(scene);
  running(scene);
}
