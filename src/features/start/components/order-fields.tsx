import { KEEPERS } from '@/core/care';
import { PIECE_USES } from '@/core/material';
import { KEEPER_WORDS, USE_WORDS } from '@/messages';
import { SelectField, TextField } from '@/ui/field';
import { Fold } from '@/ui/fold';
import { Tick } from '@/ui/tick';
import type { Start } from './use-start';

type Props = Pick<Start, 'form' | 'chosen'>;

/** What was said of whom it is for, in a line. */
function says({ form: { values }, chosen }: Props): string {
  const said = [
    values.customer.trim() === '' ? '' : `for ${values.customer.trim()}`,
    values.uses === null ? '' : `this time for ${values.uses.map((use) => USE_WORDS[use]).join(', ')}`,
    values.keeper === '' ? '' : `its owner ${KEEPER_WORDS[values.keeper]}`,
    values.careDays.trim() === '' && values.careWords.trim() === '' ? '' : 'with a care of its own',
  ].filter(Boolean);
  return said.length > 0
    ? said.join('; ')
    : chosen.isMixed
      ? 'Made to order, or with a care of its own'
      : 'For less than its design, made to order, or with a care of its own';
}

/** For whom it is made, what for this time, who looks after it, and how; folded in until somebody wants it. */
export function OrderFields({ form, chosen }: Props) {
  const { uses } = form.values;
  const drawn = chosen.drawn?.uses ?? [];
  return (
    <Fold says={says({ form, chosen })} className="mb-3">
      {chosen.isMixed ? null : (
        <fieldset>
          <legend className="label">What these are for</legend>
          <div className="grid grid-cols-2 gap-x-4 bench:grid-cols-3">
            {PIECE_USES.map((use) => {
              const now = uses ?? drawn;
              return (
                <Tick
                  key={use}
                  checked={now.includes(use)}
                  onChange={() => {
                    const next = PIECE_USES.filter((one) => (one === use ? !now.includes(use) : now.includes(one)));
                    // It is always for something; as its design says once it is that again.
                    if (next.length > 0)
                      form.set('uses', String(next) === String(PIECE_USES.filter((one) => drawn.includes(one))) ? null : next);
                  }}
                >
                  {USE_WORDS[use]}
                </Tick>
              );
            })}
          </div>
        </fieldset>
      )}
      <div className="grid gap-x-4 bench:grid-cols-2">
        <TextField label="Made for" {...form.field('customer')} hint="a name; it can be erased" />
        <SelectField label="Its owner" {...form.field('keeper')}>
          <option value="">is not thought of yet</option>
          {KEEPERS.map((one) => (
            <option key={one} value={one}>
              {KEEPER_WORDS[one]}
            </option>
          ))}
        </SelectField>
      </div>
      <TextField label="What was wished" {...form.field('wishes')} hint="darker than the last one, rounded corners" />
      <div className="grid gap-x-4 bench:grid-cols-[12rem_minmax(0,1fr)]">
        <TextField label="Own days between looks" inputMode="numeric" {...form.field('careDays')} hint="empty: as its finish" />
        <TextField label="Own words for the slip" {...form.field('careWords')} hint="printed as they stand, in every language" />
      </div>
    </Fold>
  );
}
