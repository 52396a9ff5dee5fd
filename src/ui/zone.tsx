'use client';

import { createContext, type ReactNode, useContext } from 'react';

type Clock = { readonly zone: string; readonly year: number };
const Shop = createContext<Clock>({ zone: 'UTC', year: 2000 });

/** The shop's zone for all that is written by its clock, and its year for what is only an example. */
export function ShopZone({ zone, year, children }: Clock & { readonly children: ReactNode }) {
  return <Shop value={{ zone, year }}>{children}</Shop>;
}

export const useZone = (): string => useContext(Shop).zone;
/** `31` of 2031, as batches are numbered. */
export const useShortYear = (): string => String(useContext(Shop).year).slice(-2);
export const useYear = (): number => useContext(Shop).year;
