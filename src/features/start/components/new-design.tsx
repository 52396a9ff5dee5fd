'use client';

import { useState } from 'react';
import { area, type Geometry } from '@/core/piece';
import { usualUses } from '@/core/use';
import { sayIssue } from '@/messages';
import { Button } from '@/ui/button';
import { Sheet } from '@/ui/dialog';
import { Faults, SelectField, TextField } from '@/ui/field';
import { Tick } from '@/ui/tick';
import { useSave } from '@/web/use-save';
import { UseTicks } from './uses';
import { saveDesign } from '../actions';
import { type DesignDraft, geometryOf } from '@/core/piece';
import { PiecePicture } from '@/web/piece-picture';
import { ProfileEditor } from './profile-editor';

const EMPTY: DesignDraft = {
  name: '',
  uses: usualUses({ shape: 'board' }),
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

/** The sheet for a design: its shape typed or drawn, its surface at once. */
export function NewDesign({ onMade }: { readonly onMade: (revisionId: number) => void }) {
  const [open, setOpen] = useState(false);
  const [draft, setDraft] = useState(EMPTY);
  const { busy, faults: said, rest, run } = useSave<{ readonly revisionId: number }>();
  const change = (part: Partial<DesignDraft>): void => setDraft({ ...draft, ...part });
  const geometry = geometryOf(draft);
  const measured = geometry.ok ? area(geometry.value) : null;
  const wrong =
    geometry.ok || !isBegun(draft)
      ? {}
      : Object.fromEntries([...geometry.issues].reverse().map((issue) => [issue.path, sayIssue(issue)]));
  const faults: Readonly<Record<string, string>> = { ...said, ...wrong };
  const echo =
    measured?.ok && geometry.ok
      ? `${sizesOf(geometry.value)}${(measured.value.areaMm2 / 100).toFixed(0)} cm², ${((measured.value.endGrainMm2 / measured.value.areaMm2) * 100).toFixed(0)} % of it end grain`
      : null;
  return (
    <>
      <Button className="mt-5" onClick={() => setOpen(true)}>
        New design
      </Button>
      <Sheet title="A design" open={open} onOpenChange={setOpen}>
        <form
          className="flex flex-col gap-1"
          onSubmit={(event) => {
            event.preventDefault();
            event.stopPropagation();
            void run(
              () => saveDesign(draft),
              (made) => {
                onMade(made.revisionId);
                setDraft(EMPTY);
                setOpen(false);
              },
            );
          }}
        >
          <TextField
            label="Name"
            value={draft.name}
            onChange={(event) => change({ name: event.target.value })}
            fault={said.name}
            required
          />
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
          {draft.shape === 'board' ? (
            <>
              <TextField
                label="Length × width × thickness"
                value={draft.sizes}
                onChange={(event) => change({ sizes: event.target.value })}
                hint="420 x 260 x 24, or 12 x 18 x 1 in"
                echo={echo}
                fault={faults.sizes}
                required
              />
              <SelectField
                label="Grain of the faces"
                value={draft.grain}
                onChange={(event) => change({ grain: event.target.value === 'end' ? 'end' : 'long' })}
              >
                <option value="long">long grain</option>
                <option value="end">end grain</option>
              </SelectField>
              <TextField
                label="Juice groove: width × depth × from the edge"
                value={draft.groove}
                onChange={(event) => change({ groove: event.target.value })}
                hint="12 x 5 x 20; empty for none"
                fault={faults.groove}
              />
              <TextField
                label="Handle hole: length × width"
                value={draft.hole}
                onChange={(event) => change({ hole: event.target.value })}
                hint="90 x 30; empty for none"
                fault={faults.hole}
              />
              <TextField
                label="Engraved, share of the top face"
                value={draft.engraved}
                onChange={(event) => change({ engraved: event.target.value })}
                hint="10 %; empty for none"
                fault={faults.engraved}
              />
            </>
          ) : null}
          {draft.shape === 'box' ? (
            <>
              <TextField
                label="Length × width × height"
                value={draft.sizes}
                onChange={(event) => change({ sizes: event.target.value })}
                hint="180 x 120 x 90"
                echo={echo}
                fault={faults.sizes}
                required
              />
              <Tick checked={draft.lid} onChange={() => change({ lid: !draft.lid })}>
                With a lid
              </Tick>
            </>
          ) : null}
          {draft.shape === 'box' || draft.shape === 'scoop' ? (
            <TextField
              label="Wall"
              value={draft.wall}
              onChange={(event) => change({ wall: event.target.value })}
              hint="8 mm"
              fault={faults.wall}
            />
          ) : null}
          {draft.shape === 'spoon' || draft.shape === 'scoop' ? (
            <>
              <TextField
                label="Bowl: length × width × depth"
                value={draft.bowl}
                onChange={(event) => change({ bowl: event.target.value })}
                hint="70 x 50 x 14"
                fault={faults.bowl}
              />
              <TextField
                label="Handle: length × width × thickness"
                value={draft.handle}
                onChange={(event) => change({ handle: event.target.value })}
                hint="200 x 18 x 10"
                echo={echo}
                fault={faults.handle}
              />
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
          <Faults
            of={rest([
              'name',
              'sizes',
              'bowl',
              'handle',
              'wall',
              'floor',
              'groove',
              'hole',
              'engraved',
              ...draft.points.map((_, i) => `points.${i}`),
            ])}
          />
          <Button look="main" big type="submit" disabled={busy || draft.uses.length === 0}>
            Keep the design
          </Button>
        </form>
      </Sheet>
    </>
  );
}

const sizesOf = (geometry: Geometry): string =>
  geometry.shape === 'board'
    ? `${[geometry.lengthMm, geometry.widthMm, geometry.thickMm].map((mm) => mm.toFixed(0)).join(' × ')} mm, `
    : '';
