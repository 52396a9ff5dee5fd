import 'server-only';
import { cookies, headers } from 'next/headers';
import { redirect } from 'next/navigation';
import { connection } from 'next/server';
import { cache } from 'react';
import { now } from '@/data/clock';
import { type Db, database } from '@/data/db';
import { findShop, type Person, people, type Shop } from '@/data/shop/queries';

export const PERSON_COOKIE = 'rendle-person';
export const SCHEME_COOKIE = 'rendle-scheme';

/** What every page of the shop starts from. */
export type Session = {
  readonly db: Db;
  readonly shop: Shop;
  readonly people: readonly Person[];
  readonly person: Person | null;
  readonly nowMs: number;
};

/** The shop, its people, who is at this device, and the moment. An empty file leads to its setting up. One moment for the whole page. */
export const session = cache(async (): Promise<Session> => {
  await connection();
  const db = database();
  const shop = findShop(db);
  if (!shop) redirect('/setup');
  const crew = people(db);
  const chosen = Number((await cookies()).get(PERSON_COOKIE)?.value);
  const only = crew.length === 1 ? crew[0] : undefined;
  return { db, shop, people: crew, person: crew.find((one) => one.id === chosen) ?? only ?? null, nowMs: now() };
});

/** Whether the browser says it is on a phone; one that says nothing counts as none. */
export const isPhone = async (): Promise<boolean> => (await headers()).get('sec-ch-ua-mobile') === '?1';

export const isDim = async (): Promise<boolean> => (await cookies()).get(SCHEME_COOKIE)?.value === 'dim';
