import type { ComponentProps } from 'react';

/**
 * A way to another screen: a plain anchor that costs a page nothing. `Walk` takes the touch and changes the screen without a new page;
 * nothing is fetched ahead, for every screen is reckoned anew when it is asked for.
 */
export function Link({ href, ...rest }: ComponentProps<'a'> & { readonly href: string }) {
  return <a {...rest} href={href} data-walk="" />;
}
