import NextLink from 'next/link';
import type { ComponentProps } from 'react';

/** A way to another screen. Nothing is fetched ahead: every screen is reckoned anew when it is asked for, and the server is next door. */
export function Link(props: ComponentProps<typeof NextLink>) {
  return <NextLink prefetch={false} {...props} />;
}
