import type { ButtonHTMLAttributes, MouseEvent } from 'react';
import { classes } from './classes';

const LOOKS = {
  /** The one thing to do here. */
  main: 'bg-ink text-bench hover:bg-soft border-ink',
  /** Something else one may do. */
  plain: 'bg-transparent text-ink border-ink hover:bg-hair',
  /** What records a wet job at the bench. */
  hand: 'bg-wet text-on-state border-wet hover:brightness-110',
  /** What records a job that is past its window. */
  late: 'bg-late text-on-state border-late hover:brightness-110',
  quiet: 'bg-transparent text-soft border-transparent underline underline-offset-4 hover:text-ink',
} as const;

type Props = ButtonHTMLAttributes<HTMLButtonElement> & { readonly look?: keyof typeof LOOKS; readonly big?: boolean };

/**
 * Square-cut, 44 px; `big` is 56 px for oily hands. Verbs only.
 * One that cannot be pressed now keeps the keyboard's focus, so that nobody is thrown out of place while something is saved.
 */
export function Button({ look = 'plain', big = false, className, type = 'button', disabled = false, onClick, ...rest }: Props) {
  const press = (event: MouseEvent<HTMLButtonElement>): void => {
    if (disabled) event.preventDefault();
    else onClick?.(event);
  };
  return (
    <button
      type={type}
      aria-disabled={disabled || undefined}
      onClick={press}
      className={classes(
        'border-2 px-4 font-semibold aria-disabled:cursor-not-allowed aria-disabled:opacity-50',
        big ? 'min-h-14 text-lg' : 'min-h-11',
        LOOKS[look],
        className,
      )}
      {...rest}
    />
  );
}

export const linkLook = (look: keyof typeof LOOKS = 'plain', big = false): string =>
  classes(
    'inline-flex items-center border-2 px-4 font-semibold no-underline',
    big ? 'min-h-14 text-lg' : 'min-h-11',
    LOOKS[look],
  );
