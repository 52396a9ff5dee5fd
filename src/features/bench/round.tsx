import 'server-only';
import { piecesIn, tagOf } from '@/data/work/batch';
import { round as wording } from '@/messages/screens/bench';
import { shared } from '@/messages/screens/shared';
import { openBatches } from '@/trade/hands/open-batches';
import { session } from '@/web/session';
import { RoundPanel } from './components/round-panel';

/** Several batches in one round: chosen, typed or read by their tags, and recorded together; each keeps its own book. */
export async function Round() {
  const { db, shop, nowMs, person } = await session();
  const open = openBatches(db, nowMs);
  return (
    <>
      <h1>{shared.oneRound}</h1>
      <p className="mb-4 max-w-prose text-soft">{wording.wipeTheseThreeThen}</p>
      <RoundPanel
        actions={open.flatMap((one) => (one.action && one.action.outcome === null ? [one.action] : []))}
        tags={Object.fromEntries(
          open.flatMap(({ batch }) =>
            piecesIn(batch).flatMap((piece) => [
              [tagOf(batch, piece), batch.id],
              [piece.code, batch.id],
            ]),
          ),
        )}
        nowMs={nowMs}
        zone={shop.zone}
        ready={person !== null}
      />
    </>
  );
}
