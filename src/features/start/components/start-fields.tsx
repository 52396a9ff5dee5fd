'use client';

import { questionOfWood } from '@/core/guide';
import { likeOf, ORIGINS } from '@/core/material';
import { say } from '@/core/quantity';
import { warningsOfSequence } from '@/core/regimen';
import { withoutSurface } from '@/core/use';
import { ORIGIN_WORDS, sayIssue, VERDICT_WORDS } from '@/messages';
import { shared } from '@/messages/screens/shared';
import { startFields as wording } from '@/messages/screens/start';
import { lookOf } from '@/trade/drawing/look';
import { PieceMark } from '@/trade/drawing/piece-mark';
import { ScoreLine } from '@/trade/drawing/regimen-score';
import { WoodSwatch } from '@/trade/drawing/wood-swatch';
import { Why } from '@/trade/why';
import { Button } from '@/ui/button';
import { Faults, SelectField, TextField } from '@/ui/field';
import { Form } from '@/ui/form';
import { MomentField } from '@/ui/moment-field';
import { onOpen } from '@/ui/on-open';
import { Tiles } from '@/ui/tiles';
import { reads } from '@/web/here';
import { Beyond } from './beyond';
import { MixedList } from './mixed-list';
import { OrderFields } from './order-fields';
import { SlotFields } from './slot-fields';
import type { Start, StartProps } from './use-start';
import { UsesOf } from './uses';
import { WhichTree, WoodFacts } from './wood-facts';
import { ChangeWood, NewWood, WoodMore } from './wood-more';

type Props = Pick<StartProps, 'designs' | 'species' | 'regimens' | 'houseWoods' | 'ownWoods'> & { readonly of: Start };

/** So many tiles stand there before all are asked for. */
const DESIGNS_SHOWN = 8;
const WOODS_SHOWN = 8;
const REGIMENS_SHOWN = 6;

/** The fields of a batch to be started. */
export function StartFieldset({
  designs,
  species,
  regimens,
  houseWoods,
  ownWoods,
  of: { form, chosen, timbers, tree, outlook },
}: Props) {
  return (
    <Form onSubmit={form.submit} className="flex flex-col gap-1">
      {chosen.isMixed ? null : <DesignField designs={designs} form={form} shape={chosen.drawn} />}
      <MixedList designs={designs} species={species} form={form} />
      {chosen.isMixed ? null : <WoodFields species={species} form={form} count={chosen.count} houseWoods={houseWoods} />}
      <Origin form={form} />
      {timbers.map((timber) => {
        const own = ownWoods.find((one) => one.id === timber.id);
        return (
          <div key={timber.id}>
            <WoodFacts timber={timber} />
            <AskedOfWood wood={likeOf(timber)} />
            {own ? <ChangeWood houseWoods={houseWoods} of={own} onMade={(id) => form.set('speciesId', id)} /> : null}
          </div>
        );
      })}
      <WhichTree
        asks={tree.asks}
        known={tree.asked ? null : (form.values.tree?.known ?? null)}
        onSay={(known) => form.set('tree', { of: tree.of, known })}
      />
      <WoodMore species={species} form={form} />
      <OrderFields form={form} chosen={chosen} />
      <RegimenFields regimens={regimens} form={form} chosen={chosen} needs={outlook.needs} />
      <div className="grid grid-cols-2 gap-4">
        <MomentField label={wording.start} lean="ahead" {...form.field('start')} value={chosen.startAt} />
        <TextField label={wording.dueIfItIs} type="date" {...form.field('due')} />
      </div>
      <Faults of={form.faults} />
      <Button look="main" big type="submit" disabled={form.busy || tree.asked}>
        {wording.startTheBatch}
      </Button>
    </Form>
  );
}

/** The guide's question of a wood, where makers have one. */
function AskedOfWood({ wood }: { readonly wood: string }) {
  const question = questionOfWood(wood);
  return question ? (
    <p className="text-sm text-soft">
      {wording.makersDisagreeOnIt}
      <Why of={question} />
    </p>
  ) : null;
}

const NewDesign = onOpen(
  async () => (await import('./design-sheet')).DesignSheet,
  (opener) => <Button {...opener}>{wording.newDesign}</Button>,
);

type DesignProps = Pick<StartProps, 'designs'> & Pick<Start, 'form'> & Pick<Start['chosen'], 'shape'>;

/** Which design, with a way to a new one, and what it is for. */
function DesignField({ designs, form, shape }: DesignProps) {
  const setDesign = (revisionId: number): void => form.set('designRevisionId', revisionId);
  return (
    <>
      <div>
        <Tiles
          asks="Piece"
          all="designs"
          most={DESIGNS_SHOWN}
          wide={8}
          value={String(shape?.revisionId ?? '')}
          onChange={(id) => setDesign(Number(id))}
          tiles={designs.map((one) => ({
            value: String(one.revisionId),
            name: one.name,
            picture: (
              <span className="flex h-14 items-end justify-center">
                <PieceMark look={lookOf(one.geometry, form.values.speciesId)} scale={1.15} />
              </span>
            ),
          }))}
          hint={
            shape
              ? shape.geometry.shape === 'unknown'
                ? wording.itsSurfaceIsNot
                : wording.aPieceOfIt(say(shape.area.areaMm2, 'mm²', reads()), say(shape.area.endGrainMm2, 'mm²', reads()))
              : wording.drawTheFirstDesign
          }
          fault={form.fault('designRevisionId')}
        />
        <NewDesign designs={designs} onMade={setDesign} />
      </div>
      {shape ? <UsesOf key={shape.revisionId} design={shape} onSaid={setDesign} /> : null}
    </>
  );
}

type WoodProps = Pick<StartProps, 'species' | 'houseWoods'> & Pick<Start, 'form'> & Pick<Start['chosen'], 'count'>;

/** The wood, and how many pieces. */
function WoodFields({ species, houseWoods, form, count }: WoodProps) {
  return (
    <>
      <Tiles
        asks="Wood"
        all="woods"
        most={WOODS_SHOWN}
        wide={6}
        value={form.values.speciesId}
        onChange={(id) => form.set('speciesId', id)}
        tiles={species.map((one) => ({
          value: one.id,
          name: one.name,
          picture: <WoodSwatch speciesId={one.id} />,
          says: one.food === 'good' ? undefined : `▲ ${VERDICT_WORDS[one.food]}`,
        }))}
      />
      <div className="mb-2 flex flex-wrap items-start justify-between gap-4">
        <NewWood houseWoods={houseWoods} onMade={(id) => form.set('speciesId', id)} />
        <TextField
          label={shared.pieces}
          inputMode="numeric"
          className="w-28"
          {...form.field('pieces')}
          fault={form.fault('pieces') ?? (count.ok ? undefined : count.issues.map((one) => sayIssue(one, reads())).join(' '))}
        />
      </div>
    </>
  );
}

const Origin = ({ form }: Pick<Start, 'form'>) => (
  <SelectField label={wording.itWas} {...form.field('origin')}>
    {ORIGINS.map((one) => (
      <option key={one} value={one}>
        {ORIGIN_WORDS[one]}
      </option>
    ))}
  </SelectField>
);

type RegimenProps = Pick<StartProps, 'regimens'> & Pick<Start, 'form' | 'chosen'> & Pick<Start['outlook'], 'needs'>;

/** The regimen with what it gains and costs, its lots, and what a soak past its oil's bound wants. */
function RegimenFields({ regimens, form, chosen: { regimen, offered, kinds }, needs }: RegimenProps) {
  const lacking = kinds.flatMap(({ design }) =>
    withoutSurface(design.geometry, regimen?.steps ?? []).map((step) => ({ action: step.action, name: design.name })),
  )[0];
  const { materials: chosen, beyond } = form.values;
  const tooLong = needs && !needs.ok ? needs.issues.find((issue) => issue.code === 'dwell-past-chemistry') : undefined;
  return (
    <>
      <Tiles
        asks="Finish"
        all="regimens"
        most={REGIMENS_SHOWN}
        wide={13}
        value={String(regimen?.revisionId ?? '')}
        onChange={(id) => form.set('regimenRevisionId', Number(id))}
        fault={form.fault('regimenRevisionId')}
        tiles={regimens.map((one) => ({
          value: String(one.revisionId),
          name: one.name,
          picture: <ScoreLine steps={one.steps} name={one.name} />,
          says: one.school,
        }))}
      />
      {regimen ? (
        <p className="mb-3 text-sm">
          <strong>{wording.gains}</strong> {regimen.gains} <strong>{wording.costs}</strong> {regimen.costs}{' '}
          {regimen.knifeSurface ? '' : <strong className="text-late">{wording.notUnderAKnife}</strong>}
          {wording.aDryingOilOr}
          <Why of="drying-on-boards" />
        </p>
      ) : null}
      {lacking ? (
        <p className="mb-3 border-late border-l-4 pl-3 font-semibold">
          ▲ {sayIssue({ code: 'no-such-surface', path: '', with: lacking }, reads())}
        </p>
      ) : null}
      {(regimen ? warningsOfSequence(regimen) : []).map((issue) => (
        <p key={`${issue.code} ${issue.path}`} className="mb-2 border-cure border-l-4 pl-3 text-sm">
          △ {sayIssue(issue, reads())}
        </p>
      ))}
      {regimen?.ownWay ? <p className="mb-2 text-sm">{wording.theHousesOwnWay(regimen.ownWay)}</p> : null}
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
