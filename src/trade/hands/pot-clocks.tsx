'use client';

import { POT_ALARMS, potCallsAt } from '@/core/melt';
import type { HeatedPot } from '@/data/pour/heat';
import { POT_CALL_WORDS } from '@/messages';
import { potClocks as wording } from '@/messages/screens/trade';
import { Button } from '@/ui/button';
import { Link } from '@/ui/link';
import { clockTime, longDate } from '@/ui/when';
import { reads } from '@/web/here';
import { useSave } from '@/web/use-save';
import { lidded } from './actions';
import { NoticeRow, type StripNotice } from './notice';

/** What of the pots on the heat is an alarm, wherever one is; a pot's own page calls by itself. */
export const heatTroubles = (pots: readonly HeatedPot[], nowMs: number, path: string): PotTrouble[] =>
  pots
    .filter((pot) => path !== `/pour/${pot.pourId}`)
    .flatMap(({ pourId, name, ...pot }) => {
      const [first] = potCallsAt(pot, nowMs, null).filter((call) => POT_ALARMS.includes(call));
      return first
        ? [
            {
              key: `pot ${pourId} ${first}`,
              text: `${name}: ${POT_CALL_WORDS[first](pot.heat, reads())}`,
              href: `/pour/${pourId}`,
            },
          ]
        : [];
    });
type PotTrouble = { readonly key: string; readonly text: string; readonly href: string };

export type PotClock =
  | { readonly kind: 'jars'; readonly pourId: number; readonly number: string; readonly opaqueAt: number; readonly lidAt: number }
  | { readonly kind: 'paint'; readonly lotId: number; readonly number: string; readonly until: string };
type Jars = Extract<PotClock, { kind: 'jars' }>;
type Now = { readonly nowMs: number; readonly zone: string };

/** Clocks of what was filled: opaque, then cold enough for lids; and paint that must be thrown away. */
export const potNotices = ({ pots, nowMs, zone }: { readonly pots: readonly PotClock[] } & Now): StripNotice[] =>
  pots.map((pot) =>
    pot.kind === 'paint'
      ? {
          key: `paint ${pot.lotId}`,
          tone: 'told',
          row: (
            <NoticeRow
              tone="told"
              says={
                <>
                  <Link href={`/stores/lots/${pot.lotId}`} className="reading">
                    {pot.number}
                  </Link>
                  {wording.mixedPaintThrowAway(longDate(pot.until))}
                </>
              }
            />
          ),
        }
      : {
          key: `jars ${pot.pourId}`,
          tone: nowMs < pot.lidAt ? 'told' : 'ask',
          row: <JarsRow jars={pot} nowMs={nowMs} zone={zone} />,
        },
  );

function JarsRow({ jars: { pourId, number, opaqueAt, lidAt }, nowMs, zone }: { readonly jars: Jars } & Now) {
  const { busy, rest, run } = useSave();
  const at = (ms: number): string => clockTime(ms, zone, nowMs);
  const early = nowMs < lidAt;
  return (
    <NoticeRow
      tone={early ? 'told' : 'ask'}
      says={
        <>
          <span className="reading">{number}</span>{' '}
          {nowMs < opaqueAt
            ? wording.turnsOpaqueAboutLids(at(opaqueAt), at(lidAt))
            : early
              ? wording.coolingLidsFrom(at(lidAt))
              : wording.coldLidsOn}{' '}
          {rest([]).join(' ')}
        </>
      }
    >
      <Button
        look={early ? 'plain' : 'hand'}
        className="shrink-0"
        disabled={busy}
        onClick={() => void run(() => lidded({ pourId }))}
      >
        {early ? wording.liddedEarly : wording.lidded}
      </Button>
    </NoticeRow>
  );
}
