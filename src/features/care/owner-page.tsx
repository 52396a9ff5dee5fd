import 'server-only';
import { notFound } from 'next/navigation';
import { dateOf } from '@/core/quantity';
import { careOf } from '@/data/care/owners';
import { longDate } from '@/ui/when';
import { session } from '../shop/session';
import { slipFor } from './care';

const TOLD: Readonly<Record<string, string>> = {
  're-oiled': 'Thank you: it is written down, and the next look is reckoned from today.',
  wrong: 'Thank you: the shop will read it.',
  stop: 'There will be no more letters about this piece.',
  letters: 'Letters come again when a look is due.',
  'say-what': 'Write a few words about what is wrong.',
  enough: 'Enough was written about this piece today. Try again tomorrow.',
  'not-understood': 'That was not understood. Use one of the buttons below.',
};

/** What an owner sees: how to care, the next look by date and by water drop, and what can be told to the shop. No shop data, no script needed. */
export async function OwnerPage({ code, told }: { readonly code: string; readonly told: string | null }) {
  const found = await slipFor(code);
  const { db, shop, nowMs } = await session();
  const keeps = found && careOf(db, code);
  if (!found || !keeps) notFound();
  const { slip, sold } = found;
  const today = dateOf(nowMs, shop.zone);
  const next = sold.dates.find((date) => date >= today);
  const answer = told ? TOLD[told] : undefined;
  const button = 'min-h-14 border-2 border-ink px-5 text-lg font-semibold';
  return (
    <main className="mx-auto flex max-w-xl flex-col gap-3 p-6 text-lg">
      <h1>{slip.title}</h1>
      <p className="text-soft">
        {slip.shop} · <span className="reading">{slip.pieceNumber}</span>
      </p>
      {answer ? (
        <p role="status" className="border-fit border-l-8 bg-paper px-4 py-3 font-semibold">
          {answer}
        </p>
      ) : null}
      <p className="font-semibold">{slip.look}</p>
      {next ? (
        <p>
          Next look: <strong>{longDate(next)}</strong>.{' '}
          {keeps.reOiledOn.length > 0 ? `Last re-oiled ${longDate(keeps.reOiledOn.at(-1) ?? '')}.` : ''}
        </p>
      ) : null}
      <form method="post" action={`/care/${slip.code}/tell`}>
        <input type="hidden" name="what" value="re-oiled" />
        <button type="submit" className={`${button} w-full bg-ink text-bench`}>
          I re-oiled it today
        </button>
      </form>
      <h2>Keep it</h2>
      <p>
        {slip.wash} {slip.never}
      </p>
      <h2>Renew it</h2>
      <p>{slip.treat}</p>
      {slip.cloths ? <p className="border-late border-l-4 pl-3 font-semibold">{slip.cloths}</p> : null}
      <h2>On it</h2>
      <p>
        {slip.ingredients.join(', ')}. Allergens: <strong>{slip.allergens.join(', ') || 'none known'}</strong>.
      </p>
      <p>{slip.sendBack}</p>
      <h2>Something is wrong?</h2>
      <form method="post" action={`/care/${slip.code}/tell`} className="flex flex-col gap-2">
        <input type="hidden" name="what" value="wrong" />
        <label className="flex flex-col gap-1">
          <span className="label">What is wrong, and where on it</span>
          <textarea name="note" maxLength={2000} rows={3} className="border-2 border-ink bg-paper p-2" />
        </label>
        <button type="submit" className={button}>
          Tell the shop
        </button>
      </form>
      <h2 id="letters">Letters and dates</h2>
      <p>
        <a href={`/care/${slip.code}/ics`}>Dates for your calendar</a>
      </p>
      <form method="post" action={`/care/${slip.code}/tell`}>
        <input type="hidden" name="what" value={keeps.stopped ? 'letters' : 'stop'} />
        <button type="submit" className="min-h-11 underline underline-offset-4">
          {keeps.stopped ? 'Letters again, please' : 'No more letters about this piece'}
        </button>
      </form>
    </main>
  );
}
