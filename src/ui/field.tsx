import { type InputHTMLAttributes, type ReactNode, type SelectHTMLAttributes, useId } from 'react';
import { classes } from './classes';

type Around = {
  readonly label: string;
  readonly hint?: ReactNode;
  readonly echo?: string | null;
  readonly fault?: string | undefined;
  readonly className?: string;
};

const BOX = 'min-h-11 w-full border-0 border-b-2 border-ink bg-paper px-3 text-ink placeholder:text-soft placeholder:opacity-80';

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
          <span className="text-soft">{hint}</span>
        )}
      </div>
    </div>
  );
}

type TextProps = Around & Omit<InputHTMLAttributes<HTMLInputElement>, 'className'>;

/** A typed field: what was understood stands beneath it, or what is wrong and what to do. */
export function TextField({ label, hint, echo, fault, className, ...rest }: TextProps) {
  const id = useId();
  return (
    <Frame id={id} label={label} hint={hint} echo={echo ?? null} fault={fault} {...(className ? { className } : {})}>
      <input
        id={id}
        aria-describedby={`${id}-note`}
        aria-invalid={fault ? true : undefined}
        autoComplete="off"
        className={classes(BOX, fault && 'border-late')}
        {...rest}
      />
    </Frame>
  );
}

type SelectProps = Around & Omit<SelectHTMLAttributes<HTMLSelectElement>, 'className'>;

/** A choice of few; the browser's own list, which every hand and reader knows. */
export function SelectField({ label, hint, echo, fault, className, children, ...rest }: SelectProps) {
  const id = useId();
  return (
    <Frame id={id} label={label} hint={hint} echo={echo ?? null} fault={fault} {...(className ? { className } : {})}>
      <select
        id={id}
        aria-describedby={`${id}-note`}
        aria-invalid={fault ? true : undefined}
        className={classes(BOX, fault && 'border-late')}
        {...rest}
      >
        {children}
      </select>
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
