'use client';

import { Toggle as Radix } from 'radix-ui';
import type { ComponentProps } from 'react';

type Props = Omit<ComponentProps<typeof Radix.Root>, 'pressed' | 'onPressedChange'> & {
  readonly on: boolean;
  readonly onTurn: (on: boolean) => void;
};

/** A button that stays pressed: what it does is told by its look and to readers by its state. */
export function Toggle({ on, onTurn, ...rest }: Props) {
  return <Radix.Root pressed={on} onPressedChange={onTurn} {...rest} />;
}
