'use client';

import { say } from '@/core/quantity';
import { ORIGINS } from '@/core/material';
import { ORIGIN_WORDS, sayIssue, VERDICT_WORDS } from '@/messages';
import { Button } from '@/ui/button';
import { onOpen } from '@/ui/on-open';
import { Faults, SelectField, TextField } from '@/ui/field';
import { MomentField } from '@/ui/moment-field';
import { Beyond } from './beyond';
import { SlotFields } from './slot-fields';
import type { Start, StartProps } from './use-start';
import { UsesOf } from './uses';
import { WoodFacts } from './wood-facts';

type Props = Pick<StartProps, 'designs' | 'species' | 'regimens'> & { readonly of: Start };

/** The fields of a batch to be started. */
export function StartFieldset({ designs, species, regimens, of: { form, chosen, tree, outlook } }: Props) {
  return (
    <form noValidate onSubmit={form.submit} className="flex flex-col gap-1">
      <DesignField designs={designs} form={form} shape={chosen.shape} />
      <WoodFields species={species} form={form} count={chosen.count} />
      {chosen.timber ? (
        <WoodFacts
          timber={chosen.timber}
          known={tree.asked ? null : (form.values.tree?.known ?? null)}
          onSay={(known) => form.set('tree', { of: form.values.speciesId, known })}
        />
      ) : null}
      <RegimenFields regimens={regimens} form={form} chosen={chosen} needs={outlook.needs} />
      <div className="grid grid-cols-2 gap-4">
        <MomentField label="Start" lean="ahead" {...form.field('start')} value={chosen.startAt} />
        <TextField label="Due, if it is" type="date" {...form.field('due')} />
      </div>
      <Faults of={form.faults} />
      <Button look="main" big type="submit" disabled={form.busy || tree.asked}>
        Start the batch
      </Button>
    </form>
  );
}

const NewDesign = onOpen(
  async () => (await import('./design-sheet')).DesignSheet,
  (opener) => (
    <Button className="mt-5" {...opener}>
      New design
    </Button>
  ),
);

type DesignProps = Pick<StartProps, 'designs'> & Pick<Start, 'form'> & Pick<Start['chosen'], 'shape'>;

/** Which design, with a way to a new one, and what it is for. */
function DesignField({ designs, form, shape }: DesignProps) {
  const setDesign = (revisionId: number): void => form.set('designRevisionId', revisionId);
  return (
    <>
      <div className="grid grid-cols-[minmax(0,1fr)_auto] items-start gap-4">
        <SelectField
          label="Design"
          {...form.field('designRevisionId')}
          onChange={(event) => setDesign(Number(event.target.value))}
          hint={
            shape
              ? `${say(shape.area.areaMm2, 'mm²')} a piece, ${say(shape.area.endGrainMm2, 'mm²')} of it end grain`
              : 'Draw the first design.'
          }
        >
          {designs.length === 0 ? <option value={0}>None yet</option> : null}
          {designs.map((one) => (
            <option key={one.revisionId} value={one.revisionId}>
              {one.name}
            </option>
          ))}
        </SelectField>
        <NewDesign onMade={setDesign} />
      </div>
      {shape ? <UsesOf key={shape.revisionId} design={shape} onSaid={setDesign} /> : null}
    </>
  );
}

type WoodProps = Pick<StartProps, 'species'> & Pick<Start, 'form'> & Pick<Start['chosen'], 'count'>;

/** Wood, where it came from, and how many pieces. */
function WoodFields({ species, form, count }: WoodProps) {
  return (
    <div className="grid grid-cols-[minmax(0,1fr)_minmax(0,1.3fr)_5rem] gap-4">
      <SelectField label="Wood" {...form.field('speciesId')}>
        {species.map((one) => (
          <option key={one.id} value={one.id}>
            {one.name}
            {one.food === 'good' ? '' : `, ${VERDICT_WORDS[one.food]}`}
          </option>
        ))}
      </SelectField>
      <SelectField label="It was" {...form.field('origin')}>
        {ORIGINS.map((one) => (
          <option key={one} value={one}>
            {ORIGIN_WORDS[one]}
          </option>
        ))}
      </SelectField>
      <TextField
        label="Pieces"
        inputMode="numeric"
        {...form.field('pieces')}
        fault={form.fault('pieces') ?? (count.ok ? undefined : count.issues.map(sayIssue).join(' '))}
      />
    </div>
  );
}

type RegimenProps = Pick<StartProps, 'regimens'> & Pick<Start, 'form' | 'chosen'> & Pick<Start['outlook'], 'needs'>;

/** The regimen with what it gains and costs, its lots, and what a soak past its oil's bound wants. */
function RegimenFields({ regimens, form, chosen: { regimen, offered }, needs }: RegimenProps) {
  const { materials: chosen, beyond } = form.values;
  const tooLong = needs && !needs.ok ? needs.issues.find((issue) => issue.code === 'dwell-past-chemistry') : undefined;
  return (
    <>
      <SelectField
        label="Regimen"
        {...form.field('regimenRevisionId')}
        onChange={(event) => form.set('regimenRevisionId', Number(event.target.value))}
      >
        {regimens.map((one) => (
          <option key={one.revisionId} value={one.revisionId}>
            {one.name}: {one.school}
          </option>
        ))}
      </SelectField>
      {regimen ? (
        <p className="mb-3 text-sm">
          <strong>Gains:</strong> {regimen.gains} <strong>Costs:</strong> {regimen.costs}{' '}
          {regimen.knifeSurface ? '' : <strong className="text-late">▲ Not under a knife.</strong>}
        </p>
      ) : null}
      {regimen ? (
        <SlotFields
          slots={regimen.slots}
          offered={offered}
          chosen={chosen}
          faultOf={(slot) => form.fault(`materials.${slot}`)}
          onChoose={(slot, lot) => form.set(`materials.${slot}`, lot)}
        />
      ) : null}
      {tooLong || beyond !== '' ? (
        <Beyond
          most={Number(tooLong?.with?.most ?? 0)}
          why={beyond}
          onChange={(why) => form.set('beyond', why)}
          fault={form.fault('beyond')}
        />
      ) : null}
    </>
  );
}
