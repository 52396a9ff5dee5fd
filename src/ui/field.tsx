'use client';

import { type InputHTMLAttributes, type ReactNode, type SelectHTMLAttributes, useEffect, useId, useRef } from 'react';
import { classes } from './classes';

type Around = {
  readonly label: string;
  readonly hint?: ReactNode;
  readonly echo?: string | null;
  readonly fault?: string | undefined;
  readonly className?: string;
};

const BOX = 'min-h-11 border-0 border-b-2 border-ink bg-paper px-3 text-ink placeholder:text-soft placeholder:opacity-80';

/** What a box tells of a change: no more than what stands in it now. */
type Told = { readonly onChange?: (event: { readonly target: { readonly value: string } }) => void };

/**
 * A box that is typed into before the page's script runs says nothing to the form, and would be put back to what it
 * began with at the next change elsewhere: the maker's word lost while it stood on the screen. It is told once here,
 * after what was kept on the device is read, for what was typed last counts.
 */
function useTypedEarly<E extends HTMLInputElement | HTMLSelectElement>(value: unknown, onChange: Told['onChange']) {
  const box = useRef<E>(null);
  const tell = useRef(onChange);
  tell.current = onChange;
  const began = useRef(value);
  useEffect(() => {
    const stands = box.current?.value;
    if (stands === undefined || began.current === undefined || stands === String(began.current)) return;
    const later = setTimeout(() => tell.current?.({ target: { value: stands } }));
    return () => clearTimeout(later);
  }, []);
  return box;
}

type TextBoxProps = Omit<InputHTMLAttributes<HTMLInputElement>, 'onChange'> & Told;

/** A box to type in, without words of its own. */
export function TextBox({ className, ...rest }: TextBoxProps) {
  const box = useTypedEarly<HTMLInputElement>(rest.value, rest.onChange);
  return <input ref={box} autoComplete="off" className={classes(BOX, className)} {...rest} />;
}

type SelectBoxProps = Omit<SelectHTMLAttributes<HTMLSelectElement>, 'onChange'> & Told;

/** A choice of few without words of its own; the browser's own list, which every hand and reader knows. */
export function SelectBox({ className, ...rest }: SelectBoxProps) {
  const box = useTypedEarly<HTMLSelectElement>(rest.value, rest.onChange);
  return <select ref={box} autoComplete="off" className={classes(BOX, className)} {...rest} />;
}

function Frame({
  id,
  label,
  hint,
  echo,
  fault,
  className,
  children,
}: Around & { readonly id: string; readonly children: ReactNode }) {
  return (
    <div className={classes('flex flex-col gap-1', className)}>
      <label htmlFor={id} className="label">
        {label}
      </label>
      {children}
      <div id={`${id}-note`} className="min-h-5 text-sm leading-5" aria-live="polite">
        {fault ? (
          <span className="font-semibold text-late">▲ {fault}</span>
        ) : echo ? (
          <span className="reading text-soft">= {echo}</span>
        ) : (
          <span data-hint className="text-soft">
            {hint}
          </span>
        )}
      </div>
    </div>
  );
}

type TextProps = Around & Omit<TextBoxProps, 'className'>;

/** A typed field: what was understood stands beneath it, or what is wrong and what to do. */
export function TextField({ label, hint, echo, fault, className, ...rest }: TextProps) {
  const id = useId();
  return (
    <Frame id={id} label={label} hint={hint} echo={echo ?? null} fault={fault} {...(className ? { className } : {})}>
      <TextBox
        id={id}
        aria-describedby={`${id}-note`}
        aria-invalid={fault ? true : undefined}
        className={classes('w-full', fault && 'border-late')}
        {...rest}
      />
    </Frame>
  );
}

type SelectProps = Around & Omit<SelectBoxProps, 'className'>;

/** A choice of few, with its words. */
type NoteProps = Around & {
  readonly value: string;
  readonly rows?: number;
  readonly maxLength?: number;
  readonly onChange: (event: { readonly target: { readonly value: string } }) => void;
};

/** A field for words of more than one line. */
export function NoteField({ label, hint, echo, fault, className, rows = 2, ...rest }: NoteProps) {
  const id = useId();
  return (
    <Frame id={id} label={label} hint={hint} echo={echo ?? null} fault={fault} className={className ?? ''}>
      <textarea id={id} rows={rows} className={classes(BOX, 'py-2')} {...rest} />
    </Frame>
  );
}

export function SelectField({ label, hint, echo, fault, className, children, ...rest }: SelectProps) {
  const id = useId();
  return (
    <Frame id={id} label={label} hint={hint} echo={echo ?? null} fault={fault} {...(className ? { className } : {})}>
      <SelectBox
        id={id}
        aria-describedby={`${id}-note`}
        aria-invalid={fault ? true : undefined}
        className={classes('w-full', fault && 'border-late')}
        {...rest}
      >
        {children}
      </SelectBox>
    </Frame>
  );
}

/** What is wrong with a whole form, said once above its button. */
export function Faults({ of }: { readonly of: readonly string[] }) {
  return (
    <div role="alert" className={of.length > 0 ? 'border-l-4 border-late bg-paper px-3 py-2 font-semibold text-late' : ''}>
      {of.map((text) => (
        <p key={text}>▲ {text}</p>
      ))}
    </div>
  );
}
