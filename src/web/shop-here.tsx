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

/** Sets the shop's units and ingredients for this tab before anything beneath is drawn; draws it anew when they change. */
export function ShopHere({ reads, own, ownWoods, children }: Props) {
  const here = useMemo(() => ({ reads, own, ownWoods }), [reads, own, ownWoods]);
  // On the server the file says it, once a request.
  if (typeof window !== 'undefined') lookUpHere(() => here);
  return <Fragment key={Object.values(reads).join(' ')}>{children}</Fragment>;
}
