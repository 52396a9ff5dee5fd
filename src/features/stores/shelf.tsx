import 'server-only';
import { findIngredient, keepingOf } from '@/core/material';
import { say } from '@/core/quantity';
import type { KnownLot } from '@/data/stores/queries';
import { DOUBT_WORDS } from '@/messages';
import { shelf as wording } from '@/messages/screens/stores';
import { Vessel, type VesselKind } from '@/trade/drawing/vessel';
import { familyColour } from '@/ui/family';
import { Link } from '@/ui/link';
import { longDate } from '@/ui/when';
import { reads } from '@/web/here';
import { catalogue } from '@/web/here-catalogue';

export const familyOf = (lot: KnownLot): string =>
  lot.ingredientId
    ? (findIngredient(lot.ingredientId, catalogue())?.family ?? '')
    : lot.nature?.drying === 'drying'
      ? 'drying-oil'
      : 'never-dry-oil';

export function bestBefore(date: string | null, today: string): { readonly text: string; readonly late: boolean } {
  const { state, days } = keepingOf(date, today);
  const on = date === null ? '' : longDate(date);
  const text = { 'no-date': wording.noDate, past: wording.pastSince(on), near: wording.daysLeft(on, days), keeps: on }[state];
  return { text, late: state === 'past' || state === 'near' };
}

/** More than this comes in a can, g. */
const CAN_FROM_G = 2500;

/** What such a lot usually stands in. */
function vesselOf(lot: KnownLot): VesselKind {
  if (lot.kind === 'made') return 'jar';
  if (lot.kind === 'tin') return 'tin';
  if (lot.kind === 'bath') return 'trough';
  if (lot.kind === 'bottle') return 'bottle';
  const family = familyOf(lot);
  if (family === 'wax') return 'bar';
  if (family === 'paint' || lot.ingredientId === 'shellac-flake') return 'bag';
  return family === 'solvent' || lot.kind === 'ready' || lot.receivedG > CAN_FROM_G ? 'can' : 'bottle';
}

const levelOf = (lot: KnownLot): number =>
  lot.countLeft !== null && lot.count ? lot.countLeft / lot.count : lot.receivedG > 0 ? lot.leftG / lot.receivedG : 0;

const MOST_DRAWN = 40;
const ROWS: readonly { readonly name: string; readonly kinds: readonly KnownLot['kind'][] }[] = [
  { name: wording.oilsWaxesAndThe, kinds: ['bought', 'ready'] },
  { name: wording.madeHere, kinds: ['bottle', 'made', 'bath', 'tin'] },
];

/** The stores as they stand: each lot in what it is kept in, as full as the book has it, with its date. */
export function LotShelf({ lots, today }: { readonly lots: readonly KnownLot[]; readonly today: string }) {
  const there = lots.filter((lot) => lot.leftG > 0.05);
  return ROWS.map(({ name, kinds }) => {
    const row = there.filter((lot) => kinds.includes(lot.kind));
    if (row.length === 0) return null;
    return (
      <section key={name} aria-label={name} className="mt-4">
        <ul className="flex flex-wrap items-end gap-x-4 gap-y-3 border-ink border-b-4 px-2">
          {row.slice(0, MOST_DRAWN).map((lot) => (
            <li key={lot.id}>
              <OnShelf lot={lot} today={today} />
            </li>
          ))}
        </ul>
        <p className="flex flex-wrap justify-between gap-x-4 px-1 text-soft">
          <span className="font-semibold text-ink">{name}</span>
          {row.length > MOST_DRAWN ? <span>{wording.andMoreInThe(row.length - MOST_DRAWN)}</span> : null}
        </p>
      </section>
    );
  });
}

function OnShelf({ lot, today }: { readonly lot: KnownLot; readonly today: string }) {
  const keeps = bestBefore(lot.bestBefore, today);
  const amount = lot.countLeft === null ? say(lot.leftG, 'g', reads()) : `${lot.countLeft} of ${lot.count}`;
  return (
    <Link href={`/stores/lots/${lot.id}`} className="flex w-24 flex-col items-center text-center no-underline hover:underline">
      <span className="line-clamp-3 min-h-10 content-end text-sm leading-5 wrap-anywhere" title={lot.title}>
        {lot.title}
      </span>
      <span className={`reading text-sm ${keeps.late ? 'font-semibold text-late' : 'text-soft'}`}>
        {lot.held ? (
          <strong className="text-late">{wording.held}</strong>
        ) : lot.doubt ? (
          <strong className="text-late">▲ {DOUBT_WORDS[lot.doubt.kind].short}</strong>
        ) : (
          `${keeps.late ? '▲ ' : ''}${lot.bestBefore === null ? '' : keeps.text}`
        )}
      </span>
      <Vessel kind={vesselOf(lot)} level={levelOf(lot)} colour={familyColour(familyOf(lot))} size={64} />
      <span className="reading mt-0.5 text-sm">
        <strong>{amount}</strong> <span className="text-soft">{lot.number}</span>
      </span>
    </Link>
  );
}
