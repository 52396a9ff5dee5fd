import 'server-only';
import { notFound } from 'next/navigation';
import { connection } from 'next/server';
import { database } from '@/data/db';
import { findShop } from '@/data/shop/queries';

/** The least a page of this app can be: the door, the root layout, one read of the file. `npm run bench -- views` measures the others by it; nobody else is answered. */
export async function Bare() {
  await connection();
  if (process.env.RENDLE_BENCH !== '1') notFound();
  return <p>{findShop(database())?.name}</p>;
}
