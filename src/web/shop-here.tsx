'use client';

import { Fragment, type ReactNode, useMemo } from 'react';
import type { Ingredient, Species } from '@/core/material';
import type { Reads } from '@/core/quantity';
import { lookUpHere } from './here';

type Props = {
  readonly reads: Reads;
  readonly own: readonly Ingredient[];
  readonly ownWoods: readonly Species[];
  readonly children: ReactNode;
};

/** The ways of the shop, for all that is said and typed on this device: learnt before anything beneath is drawn, and drawn anew when they change. */
export function ShopHere({ reads, own, ownWoods, children }: Props) {
  const here = useMemo(() => ({ reads, own, ownWoods }), [reads, own, ownWoods]);
  // On the server the file says it, once a request.
  if (typeof window !== 'undefined') lookUpHere(() => here);
  return <Fragment key={Object.values(reads).join(' ')}>{children}</Fragment>;
}
