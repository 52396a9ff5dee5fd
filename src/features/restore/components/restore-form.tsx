'use client';

import { useRouter } from 'next/navigation';
import type { ComponentProps, ReactNode } from 'react';
import type { z } from 'zod';
import type { Candidate } from '@/core/choose';
import { ORIGINS } from '@/core/material';
import { type Geometry, readList, type Surface } from '@/core/piece';
import { MARKS, type Mark, offerFor, sandingPlan } from '@/core/regimen';
import { MARK_ADVICE, MARK_WORDS, ORIGIN_WORDS, sizeWords, WHY_NONE_WORDS } from '@/messages';
import { restoreForm as wording } from '@/messages/screens/restore';
import { shared } from '@/messages/screens/shared';
import { TouchSurfaces } from '@/trade/drawing/touch-surfaces';
import { type AsSent, type RegimenChoice, useRegimens } from '@/trade/use-regimens';
import { Button } from '@/ui/button';
import { Faults, SelectField, TextField } from '@/ui/field';
import { Form } from '@/ui/form';
import { Tick } from '@/ui/tick';
import { useForm } from '@/web/form/use-form';
import { reads } from '@/web/here';
import { takeIn } from '../actions';
import { JobFields, LIKE_WOOD } from '../forms';

type Props = {
  readonly designs: readonly { readonly revisionId: number; readonly name: string; readonly geometry: Geometry }[];
  readonly species: readonly { readonly id: string; readonly name: string }[];
  readonly regimens: readonly RegimenChoice[];
  readonly lots: readonly Candidate[];
  /** A piece of the shop's own that was named in the address. */
  readonly known: {
    readonly code: string;
    readonly owner: string;
    readonly designRevisionId: number;
    readonly speciesId: string;
    readonly wasFinishedWith: string;
    /** How fine it was sanded before its first coat. */
    readonly lastGrit: number | null;
  } | null;
};
type JobTyped = z.input<typeof JobFields>;

/** The form before anything is typed: what is known of a piece of the shop's own. */
const begins = ({ known, designs, regimens }: Props): JobTyped => ({
  code: known?.code ?? '',
  owner: known?.owner ?? '',
  wasFinishedWith: known?.wasFinishedWith ?? '',
  bill: '',
  marks: [],
  designRevisionId: known?.designRevisionId ?? designs[0]?.revisionId ?? null,
  what: '',
  speciesId: known?.speciesId ?? '',
  origin: '',
  regimenRevisionId: regimens[0]?.revisionId ?? 0,
  lotId: null,
  sands: true,
});

type Row = Omit<ComponentProps<typeof SelectField>, 'label'>;
type JobForm = ReturnType<typeof useForm<JobTyped, { readonly number: string }>>;

type WhichProps = {
  readonly form: JobForm;
  readonly design: Row;
  readonly designs: Props['designs'];
  readonly species: Props['species'];
};

/** Which piece it is, whose, and of what wood. */
function WhichPiece({ form, design, designs, species }: WhichProps) {
  return (
    <div className="grid grid-cols-2 gap-4">
      <TextField label={wording.codeOnItsSlip} {...form.field('code')} hint={wording.emptyForAStrangers} />
      <TextField label={wording.whoseItIs} {...form.field('owner')} />
      <SelectField label={wording.itIs} {...design} hint={wording.itsSurfaceIsReckoned}>
        <option value="">{wording.somethingElse}</option>
        {designs.map((one) => (
          <option key={one.revisionId} value={one.revisionId}>
            {one.name}
          </option>
        ))}
      </SelectField>
      <SelectField label={shared.wood} {...form.field('speciesId')}>
        <option value="">{wording.nobodyCanSay}</option>
        {species.map((one) => (
          <option key={one.id} value={one.id}>
            {one.name}
          </option>
        ))}
      </SelectField>
    </div>
  );
}

type PutRightProps = {
  readonly regimen: Row;
  readonly lot: Row;
  readonly regimens: Props['regimens'];
  readonly slot: string | undefined;
  readonly offer: ReturnType<typeof offerFor<Candidate>>;
};

/** By which regimen it is put right, and from which lot. */
function PutRight({ regimen, lot, regimens, slot, offer: { lots, why } }: PutRightProps) {
  return (
    <>
      <SelectField label={wording.putRightWith} {...regimen}>
        {regimens.map((one) => (
          <option key={one.revisionId} value={one.revisionId}>
            {one.name}: {one.school}
          </option>
        ))}
      </SelectField>
      <SelectField label={slot ?? wording.oil} {...lot} hint={why ? WHY_NONE_WORDS[why] : ''}>
        <option value="">{shared.chooseTheLot}</option>
        {lots.map((one) => (
          <option key={one.id} value={one.id}>
            {one.number} {one.title}
          </option>
        ))}
      </SelectField>
    </>
  );
}

const NO_OFFER: ReturnType<typeof offerFor<Candidate>> = { lots: [], why: null };

/** Takes in a piece that comes home: whose, which, what is wrong where; the sanding plan beside it at once. */
export function RestoreForm(sent: AsSent<Props>) {
  const props: Props = { ...sent, regimens: useRegimens(sent.regimens) };
  const { designs, species, regimens, lots, known } = props;
  const router = useRouter();
  const form = useForm<JobTyped, { readonly number: string }>({
    schema: JobFields,
    start: begins(props),
    save: takeIn,
    done: (made) => router.push(`/work/${made.number}`),
    keptAs: known ? `comes home ${known.code}` : 'comes home',
  });
  const { designRevisionId: design, regimenRevisionId: regimenId, marks } = form.values;
  const shape = designs.find((one) => one.revisionId === design);
  // Of a stranger's piece what it is called says how large such a thing usually is; else its first coat will tell.
  const [listed] = readList(form.values.what, { designs: [], woods: [] });
  const stranger = {
    revisionId: 0,
    name: listed?.name ?? wording.aPiece,
    geometry: listed?.geometry ?? { shape: 'unknown' as const },
  };
  const regimen = regimens.find((one) => one.revisionId === regimenId);
  const slot = regimen?.slots[0];
  const setMark = (surface: Surface, mark: Mark | undefined): void =>
    form.set('marks', [...marks.filter((one) => one.surface !== surface), ...(mark ? [{ surface, mark }] : [])]);
  const row = (name: 'designRevisionId' | 'regimenRevisionId' | 'lotId') => ({
    ...form.field(name),
    onChange: (event: { readonly target: { readonly value: string } }) => form.set(name, Number(event.target.value) || null),
  });
  return (
    <Form className="grid gap-10 wide:grid-cols-2" onSubmit={form.submit}>
      <div className="flex flex-col gap-1">
        <WhichPiece form={form} design={row('designRevisionId')} designs={designs} species={species} />
        {shape ? null : (
          <TextField
            label={wording.whatItIs}
            {...form.field('what')}
            hint={wording.asYouWouldSay(sizeWords(stranger.geometry, reads()))}
          />
        )}
        {form.values.code === '' && form.values.speciesId !== '' ? (
          <SelectField label={wording.whereItsWoodComes} {...form.field('origin')} hint={wording.nobodyCanSayIt}>
            <option value="">{wording.nobodyCanSay}</option>
            {ORIGINS.filter((one) => one !== 'found').map((one) => (
              <option key={one} value={one}>
                {ORIGIN_WORDS[one]}
              </option>
            ))}
          </SelectField>
        ) : null}
        <TextField label={wording.finishedWithIfAnyone} {...form.field('wasFinishedWith')} hint={wording.whereItIsNot} />
        <PutRight
          regimen={row('regimenRevisionId')}
          lot={row('lotId')}
          regimens={regimens}
          slot={slot?.name}
          offer={slot && regimen ? offerFor(slot, lots, regimen.steps) : NO_OFFER}
        />
        <TextField label={wording.whatItWillCost} {...form.field('bill')} hint={wording.mayBeSaidLater} />
        <Faults of={form.faults} />
        <Button look="main" big type="submit" disabled={form.busy}>
          {wording.takeItIn}
        </Button>
      </div>
      {(shape ?? stranger) ? (
        <WrongWithIt shape={shape ?? stranger} speciesId={form.values.speciesId || LIKE_WOOD} marks={marks} onMark={setMark}>
          <SandingPlan
            marks={marks}
            sands={form.values.sands}
            last={form.values.code === known?.code ? (known?.lastGrit ?? null) : null}
            onSands={(sands) => form.set('sands', sands)}
          />
        </WrongWithIt>
      ) : null}
    </Form>
  );
}

type WrongProps = {
  readonly shape: Props['designs'][number];
  readonly speciesId: string;
  readonly marks: JobTyped['marks'];
  readonly onMark: (surface: Surface, mark: Mark | undefined) => void;
  readonly children: ReactNode;
};

/** The piece with its surfaces: what is wrong where, and the sanding that follows. */
function WrongWithIt({ shape, speciesId, marks, onMark, children }: WrongProps) {
  return (
    <section aria-label={wording.whatIsWrongWith}>
      <TouchSurfaces<Mark>
        geometry={shape.geometry}
        name={shape.name}
        speciesId={speciesId}
        unsaid={wording.asItWas}
        choices={MARKS.map((mark) => ({ id: mark, name: MARK_WORDS[mark] }))}
        said={Object.fromEntries(marks.map(({ surface, mark }) => [surface, mark]))}
        onSay={(surface, mark) => onMark(surface, mark ?? undefined)}
      />
      {children}
      {MARKS.filter((mark) => MARK_ADVICE[mark] && marks.some((one) => one.mark === mark)).map((mark) => (
        <p key={mark} className="mt-1 border-cure border-l-4 pl-3">
          <strong>▲ {MARK_WORDS[mark]}.</strong> {MARK_ADVICE[mark]}
        </p>
      ))}
    </section>
  );
}

type PlanProps = {
  readonly marks: JobTyped['marks'];
  readonly sands: boolean;
  readonly last: number | null;
  readonly onSands: (sands: boolean) => void;
};

/** How it is sanded: from the deepest mark to how it was sanded last, or not at all. */
function SandingPlan({ marks, sands, last, onSands }: PlanProps) {
  const plan = sandingPlan(marks, { last, sands });
  const isPaint = marks.some(({ mark }) => mark === 'old-paint');
  return (
    <>
      <p className="mt-3 text-lg" aria-live="polite">
        {isPaint
          ? wording.nothingIsSandedBefore
          : sands
            ? wording.sandAlongTheGrain(plan.join(wording.thenWord), last === null ? '' : wording.itWasSandedTo(last))
            : wording.washItLetIt}
      </p>
      <Tick checked={!sands} onChange={() => onSands(!sands)}>
        {wording.onlyWashedAndOiled}
      </Tick>
    </>
  );
}
