'use client';

import { Fragment, type ReactNode } from 'react';
import { type Ingredient, knowOwn } from '@/core/material';
import { type Reads, readIn } from '@/core/quantity';

type Props = { readonly reads: Reads; readonly own: readonly Ingredient[]; readonly children: ReactNode };

/** The ways of the shop, for all that is said and typed on this device: learnt before anything beneath is drawn, and drawn anew when they change. */
export function Ways({ reads, own, children }: Props) {
  readIn(reads);
  knowOwn(own);
  return <Fragment key={Object.values(reads).join(' ')}>{children}</Fragment>;
}
