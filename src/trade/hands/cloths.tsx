'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { CLOTH_WAYS, type ClothWay, clothWaysFor, lookFromMs } from '@/core/cloths';
import { MS_PER_MINUTE, sayMinutes } from '@/core/quantity';
import { shared } from '@/messages/screens/shared';
import { cloths as wording } from '@/messages/screens/trade';
import { Button } from '@/ui/button';
import { Sheet } from '@/ui/dialog';
import { Faults } from '@/ui/field';
import { Tick } from '@/ui/tick';
import { clockTime } from '@/ui/when';
import type { Answer } from '@/web/act';
import { checkCloths, layCloths } from './actions';
import { NoticeRow, type StripNotice } from './notice';

/** The cloths of one session that wait for an answer or a look. */
export type ClothLine = {
  readonly id: number;
  readonly version: number;
  readonly hazard: 'self-heating' | 'flammable' | 'plain';
  readonly openedAt: number;
  readonly laidAt: number | null;
  readonly way: string | null;
  /** Something on them gives off vapour: they are not burnt. */
  readonly vapour: boolean;
  /** When they were answered before more came. */
  readonly answeredAt: number | null;
  /** Acts that left cloths, and the batches and pots they were left at. */
  readonly acts: number;
  readonly at: readonly string[];
  /** A look that came too early to close it. */
  readonly lookedAt: number | null;
};

const WAY_DONE: Readonly<Record<ClothWay, string>> = {
  flat: wording.laidFlatSingleOn,
  'under-water': wording.underWaterInA,
  burnt: wording.burntOutdoorsNoSolvent,
  'none-left': wording.noClothOrPaper,
};
const LIE: Readonly<Record<string, string>> = {
  flat: wording.lieFlat,
  'under-water': wording.lieUnderWater,
  burnt: wording.areBurnt,
  'none-left': wording.noneLeft,
};
/** From the worst on. */
const HEADS = {
  'self-heating': wording.oilyClothsCanSetFire,
  flammable: wording.clothsWetWithSolventBurn,
  plain: wording.oilyClothsLayThemFlat,
} as const satisfies Readonly<Record<ClothLine['hazard'], string>>;

type Kinds = {
  readonly unanswered: readonly ClothLine[];
  readonly due: readonly ClothLine[];
  /** Answered and not due: they are quiet. */
  readonly lying: readonly ClothLine[];
};

const kindsOf = (lines: readonly ClothLine[], nowMs: number): Kinds => {
  const isDue = ({ laidAt }: ClothLine): boolean => laidAt !== null && nowMs >= lookFromMs(laidAt);
  return {
    unanswered: lines.filter((line) => line.laidAt === null),
    due: lines.filter(isDue),
    lying: lines.filter((line) => line.laidAt !== null && !isDue(line)),
  };
};

/** How many steps left some cloths, since when, and where. */
function whose(lines: readonly ClothLine[], zone: string, nowMs: number): string {
  const acts = lines.reduce((sum, line) => sum + line.acts, 0);
  const since = Math.min(...lines.map((line) => line.openedAt));
  const at = [...new Set(lines.flatMap((line) => line.at))];
  return wording.clothsOfSince(acts, acts === 1 ? 'step' : 'steps', clockTime(since, zone, nowMs), at.join(', '));
}

type Of = { readonly lines: readonly ClothLine[]; readonly nowMs: number; readonly zone: string };

/** An answer for some lines; what is refused is said, and shown as it is now, so that it may be said again. */
function useAnswer(): { readonly fault: string; readonly answer: (run: () => Promise<Answer<unknown>>) => Promise<boolean> } {
  const router = useRouter();
  const [fault, setFault] = useState('');
  return {
    fault,
    answer: async (run) => {
      const said = await run().catch((): Answer<unknown> => ({ ok: false, faults: { '': wording.theShopDidNot } }));
      setFault(said.ok ? '' : Object.values(said.faults).join(' '));
      router.refresh();
      return said.ok;
    },
  };
}

/** How the cloths that nobody has answered for lie: one answer for all that lie alike. */
function HowTheyLie({ lines, nowMs, zone, onDone }: Of & { readonly onDone: () => void }) {
  const [elsewhere, setElsewhere] = useState<readonly number[]>([]);
  const { fault, answer } = useAnswer();
  const alike = lines.filter((line) => !elsewhere.includes(line.id));
  const ways = CLOTH_WAYS.filter((way) => alike.every((line) => clothWaysFor(line.hazard, line.vapour).includes(way)));
  return (
    <section>
      <p className="mb-2 text-soft">{wording.clothsPaperPadsGloves}</p>
      {lines.some((line) => line.answeredAt !== null) ? <p className="mb-2 font-semibold">{wording.whatWasLaidBefore}</p> : null}
      {lines.length > 1
        ? lines.map((line) => (
            <Tick
              key={line.id}
              checked={!elsewhere.includes(line.id)}
              onChange={() =>
                setElsewhere(elsewhere.includes(line.id) ? elsewhere.filter((id) => id !== line.id) : [...elsewhere, line.id])
              }
            >
              <span>{whose([line], zone, nowMs)}</span>
            </Tick>
          ))
        : null}
      <div className="mt-2 flex flex-col gap-3">
        {ways.map((way) => (
          <Button
            key={way}
            big
            className="text-left"
            disabled={alike.length === 0}
            onClick={() => void answer(() => layCloths({ lines: alike.map(seen), way })).then((ok) => ok && onDone())}
          >
            {WAY_DONE[way]}
          </Button>
        ))}
      </div>
      <Faults of={fault ? [fault] : []} />
      <p className="mt-2 text-soft">
        {alike.every((line) => line.hazard === 'plain') ? wording.plainOilDoesNot : wording.theyStayOnThe}
      </p>
    </section>
  );
}

const seen = ({ id, version }: ClothLine) => ({ id, version });

/** Looked at: one answer for all that are due. */
function LookedAt({ lines, className }: { readonly lines: readonly ClothLine[]; readonly className?: string }) {
  const { fault, answer } = useAnswer();
  return (
    <>
      <Button look="late" className={className} onClick={() => void answer(() => checkCloths({ lines: lines.map(seen) }))}>
        {wording.lookedAtCold}
      </Button>
      {fault ? <span role="alert">▲ {fault}</span> : null}
    </>
  );
}

/** Cloths that were answered for and lie: quiet, and looked at before their time by who wants to. */
function LyingCloths({ lines, nowMs, zone }: Of) {
  const [open, setOpen] = useState(false);
  const { fault, answer } = useAnswer();
  const from = Math.min(...lines.map((line) => lookFromMs(line.laidAt ?? nowMs)));
  return (
    <aside aria-label={wording.clothsThatLie} className="px-3 py-1 text-sm">
      <Button look="quiet" className="px-0 text-sm" onClick={() => setOpen(true)}>
        {wording.clothsLieToBe(clockTime(from, zone, nowMs))}
      </Button>
      <Sheet title={wording.clothsThatLie} open={open} onOpenChange={setOpen} say={wording.theyHeatWithinHours}>
        {lines.map((line) => (
          <div key={line.id} className="border-hair border-t py-2">
            <p>
              {wording.they(
                whose([line], zone, nowMs),
                LIE[line.way ?? ''] ?? wording.lie,
                line.lookedAt === null ? '' : wording.lookedAtTooEarly(clockTime(line.lookedAt, zone, nowMs)),
              )}
            </p>
            <Button onClick={() => void answer(() => checkCloths({ lines: [seen(line)] }))}>
              {wording.lookedAtEarlyCounts(sayMinutes((lookFromMs(line.laidAt ?? nowMs) - nowMs) / MS_PER_MINUTE))}
            </Button>
          </div>
        ))}
        <Faults of={fault ? [fault] : []} />
      </Sheet>
    </aside>
  );
}

/** The cloths nobody has answered for, in one line with one button. */
function Unanswered({ lines, nowMs, zone }: Of) {
  const [open, setOpen] = useState(false);
  const worst = (Object.keys(HEADS) as ClothLine['hazard'][]).find((hazard) => lines.some((line) => line.hazard === hazard));
  const again = lines.every((line) => line.answeredAt !== null);
  const alarm = worst === 'self-heating';
  return (
    <aside aria-label={shared.oilyCloths}>
      <NoticeRow
        tone={alarm ? 'alarm' : 'ask'}
        says={`${alarm ? '▲ ' : ''}${again ? wording.andTheClothsYou : `${HEADS[worst ?? 'plain']}.`}`}
        detail={`${whose(lines, zone, nowMs)}.`}
      >
        <Button
          className={alarm ? 'shrink-0 border-on-state text-on-state hover:bg-late' : 'shrink-0'}
          onClick={() => setOpen(true)}
        >
          {wording.howDoTheyLie}
        </Button>
      </NoticeRow>
      <Sheet title={wording.howDoTheCloths} open={open} onOpenChange={setOpen}>
        <HowTheyLie lines={lines} nowMs={nowMs} zone={zone} onDone={() => setOpen(false)} />
      </Sheet>
    </aside>
  );
}

/** All cloths that want a person: those that nobody has answered for, and those whose look is due. */
export function clothNotices({ lines, nowMs, zone }: Of): StripNotice[] {
  const { unanswered, due } = kindsOf(lines, nowMs);
  const notices: StripNotice[] = [];
  if (unanswered.length > 0)
    notices.push({
      key: 'cloths',
      tone: unanswered.some((line) => line.hazard === 'self-heating') ? 'alarm' : 'ask',
      row: <Unanswered lines={unanswered} nowMs={nowMs} zone={zone} />,
    });
  if (due.length > 0)
    notices.push({
      key: 'cloths due',
      tone: 'ask',
      row: (
        <aside aria-label={shared.oilyCloths}>
          <NoticeRow tone="ask" says={wording.lookAtTheCloths} detail={`${whose(due, zone, nowMs)}.`}>
            <LookedAt lines={due} className="shrink-0" />
          </NoticeRow>
        </aside>
      ),
    });
  return notices;
}

/** Cloths that lie where they may and are quiet until they are due: told after all else. */
export function lyingNotices({ lines: all, nowMs, zone }: Of): StripNotice[] {
  const { lying: lines } = kindsOf(all, nowMs);
  return lines.length > 0
    ? [{ key: 'cloths lie', tone: 'told', row: <LyingCloths lines={lines} nowMs={nowMs} zone={zone} /> }]
    : [];
}
