'use server';

import { z } from 'zod';
import { readList } from '@/core/piece';
import { usualUses } from '@/core/use';
import { startRestoration, wentBack } from '@/data/restore/restore';
import { restoreRestoreActions as wording } from '@/messages/screens/restore';
import { rowId } from '@/trade/shapes';
import { type Answer, act, moneyOf, reader } from '@/web/act';
import { JobFields, LIKE_WOOD } from './forms';

/** A piece that is none of the shop's designs: as large as such a thing usually is, or as its first coat will tell. */
function strangerOf(what: string, speciesId: string) {
  const [listed] = readList(what, { designs: [], woods: [] });
  const geometry = listed?.geometry ?? { shape: 'unknown' as const };
  const uses = usualUses(geometry.shape === 'like' ? geometry.of : geometry);
  return { count: 1, name: listed?.name ?? wording.pieceFromElsewhere, designRevisionId: null, geometry, speciesId, uses };
}

/** Takes a piece in that comes home. */
export async function takeIn(input: unknown): Promise<Answer<{ readonly number: string }>> {
  return act(
    JobFields,
    input,
    (db, { bill, designRevisionId, what, speciesId, origin, regimenRevisionId, lotId, ...job }, by) => {
      const read = reader();
      const billMinor = read.orNone('bill', bill, moneyOf(db));
      if (billMinor === undefined) return { ok: false, issues: read.issues };
      const started = startRestoration(
        db,
        { ...job, billMinor },
        {
          designRevisionId: designRevisionId ?? 0,
          ...(designRevisionId === null ? { mixed: [strangerOf(what, speciesId || LIKE_WOOD)] } : {}),
          speciesId: speciesId || LIKE_WOOD,
          treeKnown: speciesId !== '',
          origin: origin || 'found',
          pieces: 1,
          regimenRevisionId,
          materials: lotId === null ? {} : { oil: lotId },
          startAt: by.nowMs,
          dueAt: null,
        },
        by,
      );
      return started.ok
        ? started
        : {
            ok: false,
            issues: started.issues.map((issue) => (issue.path === 'materials.oil' ? { ...issue, path: 'lotId' } : issue)),
          };
    },
  );
}

/** It went back to its owner. */
export async function sendBack(input: unknown): Promise<Answer> {
  return act(z.object({ batchId: rowId, bill: JobFields.shape.bill }), input, (db, { batchId, bill }, by) => {
    const read = reader();
    const billMinor = read.orNone('bill', bill, moneyOf(db));
    return billMinor === undefined ? { ok: false, issues: read.issues } : wentBack(db, { batchId, billMinor }, by);
  });
}
