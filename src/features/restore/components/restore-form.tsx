'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { type Geometry, type Surface, surfacesOf } from '@/core/piece';
import type { Candidate } from '@/core/choose';
import { type Mark, MARKS, offerFor, type Regimen, sandingPlan } from '@/core/regimen';
import { MARK_WORDS, SURFACE_WORDS, WHY_NONE_WORDS } from '@/messages';
import { Button } from '@/ui/button';
import { Faults, SelectField, TextField } from '@/ui/field';
import { useSave } from '@/web/use-save';
import { takeIn } from '../actions';
import { PiecePicture } from '@/web/piece-picture';

type Props = {
  readonly designs: readonly { readonly revisionId: number; readonly name: string; readonly geometry: Geometry }[];
  readonly species: readonly { readonly id: string; readonly name: string }[];
  readonly regimens: readonly (Regimen & { readonly revisionId: number })[];
  readonly lots: readonly Candidate[];
};
type On = Readonly<Partial<Record<Surface, Mark>>>;

/** Takes in a piece that comes home: whose, which, what is wrong where; the sanding plan beside it at once. */
export function RestoreForm({ designs, species, regimens, lots }: Props) {
  const router = useRouter();
  const [typed, setTyped] = useState({ code: '', owner: '', wasFinishedWith: '', bill: '' });
  const [design, setDesign] = useState(designs[0]?.revisionId ?? 0);
  const [wood, setWood] = useState('sycamore');
  const [regimenId, setRegimenId] = useState(regimens[0]?.revisionId ?? 0);
  const [lotId, setLotId] = useState(0);
  const [on, setOn] = useState<On>({});
  const { busy, faults, rest, run } = useSave<{ readonly number: string }>();
  const shape = designs.find((one) => one.revisionId === design);
  const regimen = regimens.find((one) => one.revisionId === regimenId);
  const slot = regimen?.slots[0];
  const { lots: fitting, why } = slot && regimen ? offerFor(slot, lots, regimen.steps) : { lots: [], why: null };
  const marks = Object.entries(on).flatMap(([surface, mark]) => (mark ? [{ surface: surface as Surface, mark }] : []));
  const set = (field: keyof typeof typed) => (event: { readonly target: { readonly value: string } }) =>
    setTyped({ ...typed, [field]: event.target.value });
  return (
    <form
      className="grid gap-10 wide:grid-cols-2"
      onSubmit={(event) => {
        event.preventDefault();
        void run(
          () =>
            takeIn({
              ...typed,
              marks,
              designRevisionId: design,
              speciesId: wood,
              regimenRevisionId: regimenId,
              lotId: lotId || null,
            }),
          (made) => router.push(`/work/${made.number}`),
        );
      }}
    >
      <div className="flex flex-col gap-1">
        <div className="grid grid-cols-2 gap-4">
          <TextField
            label="Code on its slip"
            value={typed.code}
            onChange={set('code')}
            hint="empty for a stranger’s piece"
            fault={faults.code}
          />
          <TextField label="Whose it is" value={typed.owner} onChange={set('owner')} fault={faults.owner} required />
          <SelectField
            label="Most like our"
            value={design}
            onChange={(event) => setDesign(Number(event.target.value))}
            hint="its surface is reckoned from it"
          >
            {designs.map((one) => (
              <option key={one.revisionId} value={one.revisionId}>
                {one.name}
              </option>
            ))}
          </SelectField>
          <SelectField label="Wood" value={wood} onChange={(event) => setWood(event.target.value)}>
            {species.map((one) => (
              <option key={one.id} value={one.id}>
                {one.name}
              </option>
            ))}
          </SelectField>
        </div>
        <TextField
          label="Finished with, if anyone knows"
          value={typed.wasFinishedWith}
          onChange={set('wasFinishedWith')}
          hint="where it is not known, try a hidden spot first"
        />
        <SelectField label="Put right with" value={regimenId} onChange={(event) => setRegimenId(Number(event.target.value))}>
          {regimens.map((one) => (
            <option key={one.revisionId} value={one.revisionId}>
              {one.name}: {one.school}
            </option>
          ))}
        </SelectField>
        <SelectField
          label={slot?.name ?? 'Oil'}
          value={lotId}
          onChange={(event) => setLotId(Number(event.target.value))}
          fault={faults['materials.oil']}
          hint={why ? WHY_NONE_WORDS[why] : ''}
        >
          <option value={0}>Choose the lot …</option>
          {fitting.map((lot) => (
            <option key={lot.id} value={lot.id}>
              {lot.number} {lot.title}
            </option>
          ))}
        </SelectField>
        <TextField
          label="What it will cost them"
          value={typed.bill}
          onChange={set('bill')}
          hint="35,00; may be said later"
          fault={faults.bill}
        />
        <Faults of={rest(['code', 'owner', 'materials.oil', 'bill'])} />
        <Button look="main" big type="submit" disabled={busy}>
          Take it in
        </Button>
      </div>
      {shape ? (
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
                  <select
                    className="min-h-11 border-ink border-b-2 bg-paper px-2"
                    value={on[surface] ?? ''}
                    onChange={(event) => setOn({ ...on, [surface]: (event.target.value || undefined) as Mark | undefined } as On)}
                  >
                    <option value="">as it was</option>
                    {MARKS.map((mark) => (
                      <option key={mark} value={mark}>
                        {MARK_WORDS[mark]}
                      </option>
                    ))}
                  </select>
                </label>
              </li>
            ))}
          </ol>
          <p className="mt-3 text-lg" aria-live="polite">
            Sand {sandingPlan(marks).join(', then ')}, along the grain.
            {marks.some(({ mark }) => mark === 'crack') ? ' ▲ A crack stays: say so to its owner before you begin.' : ''}
          </p>
        </section>
      ) : null}
    </form>
  );
}
