'use client';

import type { ComponentProps } from 'react';

type Props = Omit<ComponentProps<'form'>, 'onSubmit' | 'action'> & { readonly onSubmit: () => void };

/**
 * A form that is sent by its own button or key alone. React hands a submit on along the tree of components, so that a form in a sheet
 * would send the form whose part opened the sheet as well; here it ends at the form it belongs to.
 */
export function Form({ onSubmit, ...rest }: Props) {
  return (
    <form
      noValidate
      {...rest}
      onSubmit={(event) => {
        event.preventDefault();
        event.stopPropagation();
        if (event.target === event.currentTarget) onSubmit();
      }}
    />
  );
}
