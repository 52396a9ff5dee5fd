'use client';

import type { z } from 'zod';
import { areaOf, type DesignDraft, type Geometry, geometryOf, oddSizes } from '@/core/piece';
import { say, typedLength } from '@/core/quantity';
import { usualUses } from '@/core/use';
import type { Design } from '@/data/catalogue/catalogue';
import { SHAPE_WORDS, sayIssue, sizeWords } from '@/messages';
import { shared } from '@/messages/screens/shared';
import { designSheet as wording } from '@/messages/screens/start';
import { PiecePicture } from '@/trade/drawing/piece-picture';
import { UseTicks } from '@/trade/use-ticks';
import { SelectField, TextField } from '@/ui/field';
import type { Opened } from '@/ui/on-open';
import { Tick } from '@/ui/tick';
import { SheetForm } from '@/web/form/sheet-form';
import { useForm } from '@/web/form/use-form';
import { reads } from '@/web/here';
import { saveDesign } from '../actions';
import { DesignFields } from '../forms';
import type { Typed } from '../shapes/shared';
import { ShapeFields } from './shape-fields';

/** What a new design begins with; its sizes in what the shop's rule shows. */
const fresh = (): z.input<typeof DesignFields> => ({
  name: '',
  uses: [...usualUses({ shape: 'board' })],
  tableware: true,
  sizesSure: false,
  shape: 'board',
  sizes: '',
  grain: 'long',
  bowl: '',
  handle: '',
  points: [
    { key: 'foot', r: typedLength(40, reads()), z: typedLength(0, reads()) },
    { key: 'side', r: typedLength(85, reads()), z: typedLength(35, reads()) },
    { key: 'rim', r: typedLength(100, reads()), z: typedLength(70, reads()) },
  ],
  curved: true,
  wall: typedLength(8, reads()),
  floor: typedLength(10, reads()),
  groove: '',
  hole: '',
  engraved: '',
  lid: true,
  solid: false,
  recess: '',
  surface: '',
  endShare: '',
  parts: [{ key: 'first', count: '1', shape: 'ring', sizes: '' }],
  likeOf: null,
  times: '1',
});
const SHAPES = Object.keys(SHAPE_WORDS) as readonly Geometry['shape'][];

/** Whether anything of a shape has been typed yet: before that nothing is at fault. */
const isBegun = (draft: DesignDraft): boolean =>
  draft.shape === 'turned' ||
  [draft.sizes, draft.bowl, draft.handle, draft.surface, ...draft.parts.map((part) => part.sizes)].some(
    (typed) => typed.trim() !== '',
  );

type SheetProps = {
  /** What a new one may be about the size of. */
  readonly designs: readonly Pick<Design, 'name' | 'revisionId' | 'geometry'>[];
  readonly onMade: (revisionId: number) => void;
};

/** The sheet for a design: its shape typed or drawn, its surface at once. */
export function DesignSheet({ designs, onMade, open, onOpenChange }: SheetProps & Opened) {
  const form = useForm<z.input<typeof DesignFields>, { readonly revisionId: number }>({
    schema: DesignFields,
    start: fresh(),
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
  const geometry = geometryOf(draft, reads());
  const odd = geometry.ok ? oddSizes(geometry.value) : [];
  const measured = geometry.ok ? areaOf(geometry.value) : null;
  const wrong =
    geometry.ok || !isBegun(draft)
      ? {}
      : Object.fromEntries([...geometry.issues].reverse().map((issue) => [issue.path, sayIssue(issue, reads())]));
  // A form with a shape that cannot be measured says so at once; what the save found stands until its field is changed.
  const faults: Readonly<Record<string, string>> = wrong;
  const field = (name: Typed) => ({ ...form.field(name), fault: faults[name] ?? form.fault(name) });
  const echo =
    measured && measured.areaMm2 > 0 && geometry.ok
      ? wording.ofItEndGrain(
          sizeWords(geometry.value, reads()),
          say(measured.areaMm2, 'mm²', reads()),
          say(measured.endGrainMm2 / measured.areaMm2, 'fraction', reads()),
        )
      : null;
  return (
    <SheetForm
      form={form}
      title={wording.aDesign}
      open={open}
      onOpenChange={onOpenChange}
      saves={wording.keepTheDesign}
      notYet={draft.uses.length === 0}
    >
      <TextField label={shared.name} {...form.field('name')} />
      <SelectField
        label={wording.shape}
        value={draft.shape}
        onChange={(event) => {
          const shape = SHAPES.find((one) => one === event.target.value) ?? 'board';
          // What it is usually for follows the shape, until the maker has said otherwise.
          const isUsual = String(draft.uses) === String(usualUses({ shape: draft.shape }));
          change({ shape, ...(isUsual ? { uses: usualUses({ shape }) } : {}) });
        }}
      >
        {SHAPES.map((shape) => (
          <option key={shape} value={shape}>
            {SHAPE_WORDS[shape]}
          </option>
        ))}
      </SelectField>
      <ShapeFields draft={draft} designs={designs} field={field} form={form} faults={faults} echo={echo} onChange={change} />
      {odd.length > 0 ? (
        <div className="border-cure border-l-8 bg-paper px-3 py-1">
          <Tick checked={draft.sizesSure} onChange={() => form.set('sizesSure', !draft.sizesSure)}>
            {wording.itReallyMeasures(odd.map((mm) => say(mm, 'mm', reads())).join(', '))}
          </Tick>
          {form.fault('sizesSure') ? <p className="font-semibold text-late">▲ {form.fault('sizesSure')}</p> : null}
        </div>
      ) : null}
      {geometry.ok ? <PiecePicture geometry={geometry.value} name={draft.name || wording.theDesign} /> : null}
      <UseTicks uses={draft.uses} tableware={draft.tableware} onChange={change} />
    </SheetForm>
  );
}
