import 'server-only';
import { redirect } from 'next/navigation';
import { connection } from 'next/server';
import { CURRENCIES, dateOf, toMajor, typedAs } from '@/core/quantity';
import { ROOM_UNITS } from '@/core/regimen';
import { database } from '@/data/db';
import { handHours } from '@/data/plan/hands';
import { findShop, places, shopHours } from '@/data/shop/queries';
import { shopPage as wording } from '@/messages/screens/settings';
import { Link } from '@/ui/link';
import { reads } from '@/web/here';
import { session } from '@/web/session';
import { PersonHours } from './components/person-hours';
import { ReadsForm } from './components/reads-form';
import { RoomForm } from './components/room-form';
import { SetUp } from './components/set-up';
import { AddPerson, ShopForm } from './components/shop-form';
import { Copies } from './copies';
import { Door } from './door';

/** The shop's own facts and people. */
export async function ShopPage() {
  const { db, shop, people, nowMs } = await session();
  const { shopHours: hours, closed } = shopHours(db);
  const hands = handHours(db);
  return (
    <>
      <h1 className="mb-4">{shop.name}</h1>
      <ShopForm
        facts={{
          version: shop.version,
          name: shop.name,
          zone: shop.zone,
          baseAddress: shop.baseAddress ?? '',
          ambient: typedAs(shop.ambientC, '°C', reads()),
          currency: shop.currency,
          hour: shop.hourMinor === null ? '' : String(toMajor(shop.hourMinor, shop.currency)),
          slip: shop.slipMinor === null ? '' : String(toMajor(shop.slipMinor, shop.currency)),
        }}
        hours={hours}
        closed={closed}
      />
      <h2 className="mt-8 mb-2">{wording.unitsToReadIn}</h2>
      <ReadsForm key={JSON.stringify(shop.reads)} reads={shop.reads} />
      <h2 className="mt-8 mb-2">{wording.people}</h2>
      <ul className="mb-3 max-w-xl">
        {people.map(({ id, initials, name }) => {
          const own = hands.find((one) => one.personId === id);
          return (
            <PersonHours key={id} person={{ id, initials, name }} own={own?.hours ?? []} away={own?.away ?? []} shop={hours} />
          );
        })}
      </ul>
      <AddPerson />
      <h2 className="mt-8 mb-2">{wording.whatFitsWhere}</h2>
      <RoomForm
        places={places(db).map(({ id, name, kind, capacity }) => ({ id, name, kind, capacity, unit: ROOM_UNITS[kind] }))}
      />
      <p className="mt-6">
        <Link href="/notice/rags">{wording.noticeForTheWall}</Link>
        <Link href="/guide/first-aid" className="ml-6">
          {wording.firstAidWithThe}
        </Link>
      </p>
      <Door />
      <Copies today={dateOf(nowMs, shop.zone)} isDemo={shop.isDemo} />
    </>
  );
}

const currencyNames = new Intl.DisplayNames('en-GB', { type: 'currency' });
const currencies = () => CURRENCIES.map((code) => ({ value: code, name: `${code}, ${currencyNames.of(code) ?? code}` }));

/** The first screen of an empty file. */
export async function SetUpPage() {
  await connection();
  if (findShop(database())) redirect('/');
  return (
    <main className="mx-auto max-w-2xl px-5 py-10">
      <h1 className="mb-1 text-4xl">{wording.rendle}</h1>
      <p className="mb-6 text-lg text-soft">{wording.blendsCoatsCureAnd}</p>
      <SetUp
        zones={Intl.supportedValuesOf('timeZone')}
        currencies={currencies()}
        guess={Intl.DateTimeFormat().resolvedOptions().timeZone}
      />
    </main>
  );
}
