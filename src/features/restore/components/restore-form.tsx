'use client';

import { useRouter } from 'next/navigation';
import { type Geometry, type Surface, surfacesOf } from '@/core/piece';
import type { Candidate } from '@/core/choose';
import { type Mark, MARKS, offerFor, type Regimen, sandingPlan } from '@/core/regimen';
import { MARK_WORDS, SURFACE_WORDS, WHY_NONE_WORDS } from '@/messages';
import { Button } from '@/ui/button';
import { Faults, SelectBox, SelectField, TextField } from '@/ui/field';
import { useForm } from '@/web/form/use-form';
import type { z } from 'zod';
import { takeIn } from '../actions';
import { JobFields } from '../forms';
import { PiecePicture } from '@/web/drawing/piece-picture';

type Props = {
  readonly designs: readonly { readonly revisionId: number; readonly name: string; readonly geometry: Geometry }[];
  readonly species: readonly { readonly id: string; readonly name: string }[];
  readonly regimens: readonly (Regimen & { readonly revisionId: number })[];
  readonly lots: readonly Candidate[];
};
type JobTyped = z.input<typeof JobFields>;

/** Takes in a piece that comes home: whose, which, what is wrong where; the sanding plan beside it at once. */
export function RestoreForm({ designs, species, regimens, lots }: Props) {
  const router = useRouter();
  const form = useForm<JobTyped, { readonly number: string }>({
    schema: JobFields,
    start: {
      code: '',
      owner: '',
      wasFinishedWith: '',
      bill: '',
      marks: [],
      designRevisionId: designs[0]?.revisionId ?? 0,
      speciesId: 'sycamore',
      regimenRevisionId: regimens[0]?.revisionId ?? 0,
      lotId: null,
    },
    save: takeIn,
    done: (made) => router.push(`/work/${made.number}`),
    keptAs: 'comes home',
  });
  const { designRevisionId: design, regimenRevisionId: regimenId, marks } = form.values;
  const shape = designs.find((one) => one.revisionId === design);
  const regimen = regimens.find((one) => one.revisionId === regimenId);
  const slot = regimen?.slots[0];
  const { lots: fitting, why } = slot && regimen ? offerFor(slot, lots, regimen.steps) : { lots: [], why: null };
  const setMark = (surface: Surface, mark: Mark | undefined): void =>
    form.set('marks', [...marks.filter((one) => one.surface !== surface), ...(mark ? [{ surface, mark }] : [])]);
  const row = (name: 'designRevisionId' | 'regimenRevisionId' | 'lotId') => ({
    ...form.field(name),
    onChange: (event: { readonly target: { readonly value: string } }) => form.set(name, Number(event.target.value) || null),
  });
  return (
    <form noValidate className="grid gap-10 wide:grid-cols-2" onSubmit={form.submit}>
      <div className="flex flex-col gap-1">
        <div className="grid grid-cols-2 gap-4">
          <TextField label="Code on its slip" {...form.field('code')} hint="empty for a stranger’s piece" />
          <TextField label="Whose it is" {...form.field('owner')} />
          <SelectField label="Most like our" {...row('designRevisionId')} hint="its surface is reckoned from it">
            {designs.map((one) => (
              <option key={one.revisionId} value={one.revisionId}>
                {one.name}
              </option>
            ))}
          </SelectField>
          <SelectField label="Wood" {...form.field('speciesId')}>
            {species.map((one) => (
              <option key={one.id} value={one.id}>
                {one.name}
              </option>
            ))}
          </SelectField>
        </div>
        <TextField
          label="Finished with, if anyone knows"
          {...form.field('wasFinishedWith')}
          hint="where it is not known, try a hidden spot first"
        />
        <SelectField label="Put right with" {...row('regimenRevisionId')}>
          {regimens.map((one) => (
            <option key={one.revisionId} value={one.revisionId}>
              {one.name}: {one.school}
            </option>
          ))}
        </SelectField>
        <SelectField label={slot?.name ?? 'Oil'} {...row('lotId')} hint={why ? WHY_NONE_WORDS[why] : ''}>
          <option value="">Choose the lot …</option>
          {fitting.map((lot) => (
            <option key={lot.id} value={lot.id}>
              {lot.number} {lot.title}
            </option>
          ))}
        </SelectField>
        <TextField label="What it will cost them" {...form.field('bill')} hint="35,00; may be said later" />
        <Faults of={form.faults} />
        <Button look="main" big type="submit" disabled={form.busy}>
          Take it in
        </Button>
      </div>
      {shape ? <WrongWithIt shape={shape} marks={marks} onMark={setMark} /> : null}
    </form>
  );
}

type WrongProps = {
  readonly shape: Props['designs'][number];
  readonly marks: JobTyped['marks'];
  readonly onMark: (surface: Surface, mark: Mark | undefined) => void;
};

/** The piece with its surfaces: what is wrong where, and the sanding that follows. */
function WrongWithIt({ shape, marks, onMark }: WrongProps) {
  return (
    <section aria-label="What is wrong with it">
      <PiecePicture
        geometry={shape.geometry}
        name={shape.name}
        seen={Object.fromEntries(marks.map(({ surface }) => [surface, true]))}
      />
      <ol>
        {surfacesOf(shape.geometry).map((surface, i) => (
          <li key={surface}>
            <label className="grid min-h-11 max-w-md grid-cols-[1.5rem_1fr_1fr] items-center gap-2">
              <span className="reading font-semibold">{i + 1}</span>
              <span className="first-letter:uppercase">{SURFACE_WORDS[surface]}</span>
              <SelectBox
                value={marks.find((one) => one.surface === surface)?.mark ?? ''}
                onChange={(event) =>
                  onMark(
                    surface,
                    MARKS.find((mark) => mark === event.target.value),
                  )
                }
              >
                <option value="">as it was</option>
                {MARKS.map((mark) => (
                  <option key={mark} value={mark}>
                    {MARK_WORDS[mark]}
                  </option>
                ))}
              </SelectBox>
            </label>
          </li>
        ))}
      </ol>
      <p className="mt-3 text-lg" aria-live="polite">
        Sand {sandingPlan(marks).join(', then ')}, along the grain.
        {marks.some(({ mark }) => mark === 'crack') ? ' ▲ A crack stays: say so to its owner before you begin.' : ''}
      </p>
    </section>
  );
}
