import { UPKEEPS } from '@/core/care';
import { PIECE_USES } from '@/core/material';
import { UPKEEP_WORDS, USE_WORDS } from '@/messages';
import { orderFields as wording } from '@/messages/screens/start';
import { SelectField, TextField } from '@/ui/field';
import { Fold } from '@/ui/fold';
import { Tick } from '@/ui/tick';
import type { Start } from './use-start';

type Props = Pick<Start, 'form' | 'chosen'>;

/** What was said of whom it is for, in a line. */
function says({ form: { values }, chosen }: Props): string {
  const said = [
    values.customer.trim() === '' ? '' : wording.forWord(values.customer.trim()),
    values.uses === null ? '' : wording.thisTimeFor(values.uses.map((use) => USE_WORDS[use]).join(', ')),
    values.upkeep === '' ? '' : wording.itsOwner(UPKEEP_WORDS[values.upkeep]),
    values.careDays.trim() === '' && values.careWords.trim() === '' ? '' : wording.withACareOf,
  ].filter(Boolean);
  return said.length > 0 ? said.join('; ') : chosen.isMixed ? wording.madeToOrderOr : wording.forLessThanIts;
}

/** For whom it is made, what for this time, who looks after it, and how; folded in until somebody wants it. */
export function OrderFields({ form, chosen }: Props) {
  const { uses } = form.values;
  const drawn = chosen.drawn?.uses ?? [];
  return (
    <Fold says={says({ form, chosen })} className="mb-3">
      {chosen.isMixed ? null : (
        <fieldset>
          <legend className="label">{wording.whatTheseAreFor}</legend>
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
        <TextField label={wording.madeFor} {...form.field('customer')} hint={wording.aNameItCan} />
        <SelectField label={wording.itsOwner2} {...form.field('upkeep')}>
          <option value="">{wording.isNotThoughtOf}</option>
          {UPKEEPS.map((one) => (
            <option key={one} value={one}>
              {UPKEEP_WORDS[one]}
            </option>
          ))}
        </SelectField>
      </div>
      <TextField label={wording.whatWasWished} {...form.field('wishes')} hint={wording.darkerThanTheLast} />
      <div className="grid gap-x-4 bench:grid-cols-[12rem_minmax(0,1fr)]">
        <TextField
          label={wording.ownDaysBetweenLooks}
          inputMode="numeric"
          {...form.field('careDays')}
          hint={wording.emptyAsItsFinish}
        />
        <TextField label={wording.ownWordsForThe} {...form.field('careWords')} hint={wording.printedAsTheyStand} />
      </div>
    </Fold>
  );
}
