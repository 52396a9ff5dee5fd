'use client';

import { RadioGroup } from 'radix-ui';
import { type ReactNode, useId } from 'react';
import { classes } from './classes';

type Option<V extends string> = { readonly value: V; readonly name: ReactNode; readonly says?: ReactNode };

type Props<V extends string> = {
  /** What is asked; said to readers, and shown above unless `hidden`. */
  readonly asks: ReactNode;
  readonly hidden?: boolean;
  readonly value: V | null;
  readonly options: readonly Option<V>[];
  readonly onChange: (value: V) => void;
  /** Beneath each other, beside each other, or as one bar of which a part is inked. */
  readonly lies?: 'beneath' | 'beside' | 'bar';
};

const ROWS = { beneath: 'grid gap-1', beside: 'flex flex-wrap gap-x-6', bar: 'flex flex-wrap border-ink border-b-2' } as const;

/** One of few, all of them in sight: the arrow keys go through them, the whole line takes the touch. */
export function ChoiceField<V extends string>({ asks, hidden = false, value, options, onChange, lies = 'beneath' }: Props<V>) {
  const id = useId();
  return (
    <div className="mb-2">
      <p id={id} className={hidden ? 'sr-only' : 'label'}>
        {asks}
      </p>
      <RadioGroup.Root
        aria-labelledby={id}
        className={ROWS[lies]}
        value={value ?? ''}
        onValueChange={(next) => onChange(next as V)}
      >
        {options.map((option, i) => {
          const item = `${id}-${i}`;
          const isOn = option.value === value;
          return (
            <label
              key={option.value}
              htmlFor={item}
              className={classes(
                'flex min-h-11 items-center',
                lies === 'bar'
                  ? classes(
                      'px-3 has-focus-visible:outline-3 has-focus-visible:outline-wet',
                      isOn ? 'bg-ink font-semibold text-bench' : 'text-soft',
                    )
                  : classes(
                      'gap-3',
                      option.says ? classes('border-l-4 px-3 py-1', isOn ? 'border-ink bg-paper' : 'border-transparent') : '',
                    ),
              )}
            >
              <RadioGroup.Item
                id={item}
                value={option.value}
                className={
                  lies === 'bar'
                    ? 'sr-only'
                    : 'flex h-6 w-6 shrink-0 items-center justify-center rounded-full border-2 border-ink bg-paper'
                }
              >
                <RadioGroup.Indicator className="h-3 w-3 rounded-full bg-ink" />
              </RadioGroup.Item>
              <span>
                <span className={option.says ? 'block font-semibold' : ''}>{option.name}</span>
                {option.says ? <span className="block text-sm text-soft">{option.says}</span> : null}
              </span>
            </label>
          );
        })}
      </RadioGroup.Root>
    </div>
  );
}
