'use client';

import { createContext, type ReactNode, useContext } from 'react';

const Zone = createContext('UTC');

/** The shop's zone for all that is written by its clock. */
export function ShopZone({ zone, children }: { readonly zone: string; readonly children: ReactNode }) {
  return <Zone value={zone}>{children}</Zone>;
}

export const useZone = (): string => useContext(Zone);
