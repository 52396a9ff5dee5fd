'use client';

import { say, saySizes } from '@/core/quantity';
import { area, type Geometry } from '@/core/piece';
import { usualUses } from '@/core/use';
import { sayIssue } from '@/messages';
import type { z } from 'zod';
import { SelectField, TextField } from '@/ui/field';
import type { Opened } from '@/ui/on-open';
import { Tick } from '@/ui/tick';
import { SheetForm } from '@/web/form/sheet-form';
import { type FieldOf, type Form, useForm } from '@/web/form/use-form';
import { UseTicks } from './uses';
import { saveDesign } from '../actions';
import { DesignFields } from '../forms';
import { type DesignDraft, geometryOf } from '@/core/piece';
import { PiecePicture } from '@/web/drawing/piece-picture';
import { ProfileEditor } from './profile-editor';

const EMPTY: z.input<typeof DesignFields> = {
  name: '',
  uses: [...usualUses({ shape: 'board' })],
  tableware: true,
  shape: 'board',
  sizes: '',
  grain: 'long',
  bowl: '',
  handle: '',
  points: [
    { key: 'foot', r: '40', z: '0' },
    { key: 'side', r: '85', z: '35' },
    { key: 'rim', r: '100', z: '70' },
  ],
  curved: true,
  wall: '8',
  floor: '10',
  groove: '',
  hole: '',
  engraved: '',
  lid: true,
};
const SHAPES: readonly { readonly id: Geometry['shape']; readonly name: string }[] = [
  { id: 'board', name: 'Board' },
  { id: 'spoon', name: 'Spoon or spreader' },
  { id: 'scoop', name: 'Scoop' },
  { id: 'turned', name: 'Turned form' },
  { id: 'box', name: 'Lidded box' },
];

/** Whether anything of a shape has been typed yet: before that nothing is at fault. */
const isBegun = (draft: DesignDraft): boolean =>
  draft.shape === 'turned' ||
  (draft.shape === 'board' || draft.shape === 'box' ? draft.sizes : draft.bowl + draft.handle).trim() !== '';

type Typed = 'sizes' | 'groove' | 'hole' | 'engraved' | 'wall' | 'bowl' | 'handle';

/** The sheet for a design: its shape typed or drawn, its surface at once. */
export function DesignSheet({ onMade, open, onOpenChange }: { readonly onMade: (revisionId: number) => void } & Opened) {
  const form = useForm<z.input<typeof DesignFields>, { readonly revisionId: number }>({
    schema: DesignFields,
    start: EMPTY,
    save: saveDesign,
    done: (made) => {
      onMade(made.revisionId);
      onOpenChange(false);
    },
    keptAs: 'design',
  });
  const draft = form.values;
  const change = (part: Partial<DesignDraft>): void => {
    for (const [name, value] of Object.entries(part)) form.set(name as keyof typeof draft, value as never);
  };
  const geometry = geometryOf(draft);
  const measured = geometry.ok ? area(geometry.value) : null;
  const wrong =
    geometry.ok || !isBegun(draft)
      ? {}
      : Object.fromEntries([...geometry.issues].reverse().map((issue) => [issue.path, sayIssue(issue)]));
  // A form with a shape that cannot be measured says so at once; what the save found stands until its field is changed.
  const faults: Readonly<Record<string, string>> = wrong;
  const field = (name: Typed) => ({ ...form.field(name), fault: faults[name] ?? form.fault(name) });
  const echo =
    measured?.ok && geometry.ok
      ? `${sizesOf(geometry.value)}${say(measured.value.areaMm2, 'mm²')}, ${say(measured.value.endGrainMm2 / measured.value.areaMm2, 'fraction')} of it end grain`
      : null;
  return (
    <SheetForm
      form={form}
      title="A design"
      open={open}
      onOpenChange={onOpenChange}
      saves="Keep the design"
      notYet={draft.uses.length === 0}
    >
      <TextField label="Name" {...form.field('name')} />
      <SelectField
        label="Shape"
        value={draft.shape}
        onChange={(event) => {
          const shape = SHAPES.find((one) => one.id === event.target.value)?.id ?? 'board';
          // What it is usually for follows the shape, until the maker has said otherwise.
          const isUsual = String(draft.uses) === String(usualUses({ shape: draft.shape }));
          change({ shape, ...(isUsual ? { uses: usualUses({ shape }) } : {}) });
        }}
      >
        {SHAPES.map((shape) => (
          <option key={shape.id} value={shape.id}>
            {shape.name}
          </option>
        ))}
      </SelectField>
      {draft.shape === 'board' ? <BoardFields field={field} form={form} echo={echo} /> : null}
      {draft.shape === 'box' ? (
        <>
          <TextField label="Length × width × height" {...field('sizes')} hint="180 x 120 x 90" echo={echo} />
          <Tick checked={draft.lid} onChange={() => change({ lid: !draft.lid })}>
            With a lid
          </Tick>
        </>
      ) : null}
      {draft.shape === 'box' || draft.shape === 'scoop' ? <TextField label="Wall" {...field('wall')} hint="8 mm" /> : null}
      {draft.shape === 'spoon' || draft.shape === 'scoop' ? (
        <>
          <TextField label="Bowl: length × width × depth" {...field('bowl')} hint="70 x 50 x 14" />
          <TextField label="Handle: length × width × thickness" {...field('handle')} hint="200 x 18 x 10" echo={echo} />
        </>
      ) : null}
      {draft.shape === 'turned' ? (
        <>
          <ProfileEditor draft={draft} faults={faults} onChange={change} />
          <p className="reading text-soft" role="status">
            {echo ? `= ${echo}` : ''}
          </p>
        </>
      ) : null}
      {geometry.ok ? <PiecePicture geometry={geometry.value} name={draft.name || 'the design'} /> : null}
      <UseTicks uses={draft.uses} tableware={draft.tableware} onChange={change} />
    </SheetForm>
  );
}

const sizesOf = (geometry: Geometry): string =>
  geometry.shape === 'board' ? `${saySizes([geometry.lengthMm, geometry.widthMm, geometry.thickMm])}, ` : '';

type BoardProps = {
  readonly field: (name: Typed) => FieldOf;
  readonly form: Form<z.input<typeof DesignFields>>;
  readonly echo: string | null;
};

/** A board's sizes and what is cut into it. */
function BoardFields({ field, form, echo }: BoardProps) {
  return (
    <>
      <TextField label="Length × width × thickness" {...field('sizes')} hint="420 x 260 x 24, or 12 x 18 x 1 in" echo={echo} />
      <SelectField label="Grain of the faces" {...form.field('grain')}>
        <option value="long">long grain</option>
        <option value="end">end grain</option>
      </SelectField>
      <TextField label="Juice groove: width × depth × from the edge" {...field('groove')} hint="12 x 5 x 20; empty for none" />
      <TextField label="Handle hole: length × width" {...field('hole')} hint="90 x 30; empty for none" />
      <TextField label="Engraved, share of the top face" {...field('engraved')} hint="10 %; empty for none" />
    </>
  );
}
