import 'server-only';
import { redirect } from 'next/navigation';
import { connection } from 'next/server';
import { database } from '@/data/db';
import { findShop, shopHours } from '@/data/shop/queries';
import { AddPerson, ShopForm } from './components/shop-form';
import { SetUp } from './components/set-up';
import { session } from './session';

/** The shop's own facts and people. */
export async function ShopPage() {
  const { db, shop, people } = await session();
  const { shopHours: hours, closed } = shopHours(db);
  return (
    <>
      <h1 className="mb-4">{shop.name}</h1>
      <ShopForm
        key={shop.version}
        facts={{
          version: shop.version,
          name: shop.name,
          zone: shop.zone,
          baseAddress: shop.baseAddress ?? '',
          ambient: `${shop.ambientC} °C`,
        }}
        hours={hours}
        closed={closed}
      />
      <h2 className="mt-8 mb-2">People</h2>
      <p className="mb-3">{people.map((person) => `${person.initials} ${person.name}`).join(', ')}</p>
      <AddPerson />
      <h2 className="mt-8 mb-2">Keep what is kept</h2>
      <p className="max-w-prose">
        Everything lies in one file. <code className="reading">bin/rendle backup FILE</code> makes a consistent copy while the
        shop is open; to go back to one, stop the shop and put the copy in place of <code className="reading">shop.sqlite</code>.
      </p>
    </>
  );
}

/** The first screen of an empty file. */
export async function SetUpPage() {
  await connection();
  if (findShop(database())) redirect('/');
  return (
    <main className="mx-auto max-w-2xl px-5 py-10">
      <h1 className="mb-1 text-4xl">Rendle</h1>
      <p className="mb-6 text-lg text-soft">
        Blends, coats, cure and care for makers of boards, spoons and bowls. Say whose shop this is, or look round the demo shed
        first.
      </p>
      <SetUp zones={Intl.supportedValuesOf('timeZone')} guess={Intl.DateTimeFormat().resolvedOptions().timeZone} />
    </main>
  );
}
