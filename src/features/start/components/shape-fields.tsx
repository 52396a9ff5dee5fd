import type { ReactNode } from 'react';
import type { z } from 'zod';
import { type DesignDraft, type Geometry, PART_SHAPES, type PartDraft, type Solid } from '@/core/piece';
import type { Design } from '@/data/catalogue/catalogue';
import { SHAPE_WORDS } from '@/messages';
import { Button } from '@/ui/button';
import { SelectField, TextField } from '@/ui/field';
import { freshId } from '@/ui/id';
import { Tick } from '@/ui/tick';
import type { FieldOf, Form } from '@/web/form/use-form';
import type { DesignFields } from '../forms';
import { ProfileEditor } from './profile-editor';

/** Fields that are typed straight into the form. */
export type Typed =
  | 'sizes'
  | 'groove'
  | 'hole'
  | 'engraved'
  | 'wall'
  | 'bowl'
  | 'handle'
  | 'recess'
  | 'surface'
  | 'endShare'
  | 'times';

type Props = {
  readonly draft: DesignDraft;
  readonly designs: readonly Pick<Design, 'name' | 'revisionId' | 'geometry'>[];
  readonly field: (name: Typed) => FieldOf;
  readonly form: Form<z.input<typeof DesignFields>>;
  readonly faults: Readonly<Record<string, string>>;
  /** What was understood of it. */
  readonly echo: string | null;
  readonly onChange: (change: Partial<DesignDraft>) => void;
};

/** What is typed of each shape. */
export function ShapeFields(props: Props) {
  return SHAPES[props.draft.shape](props);
}

const Grain = ({ form }: Pick<Props, 'form'>) => (
  <SelectField label="Grain of the faces" {...form.field('grain')}>
    <option value="long">long grain</option>
    <option value="end">end grain</option>
  </SelectField>
);

const Lid = ({ draft, onChange }: Pick<Props, 'draft' | 'onChange'>) => (
  <Tick checked={draft.lid} onChange={() => onChange({ lid: !draft.lid })}>
    With a lid
  </Tick>
);

const Wall = ({ field }: Pick<Props, 'field'>) => <TextField label="Wall" {...field('wall')} hint="8 mm" />;

const Handled = ({ field, echo }: Pick<Props, 'field' | 'echo'>) => (
  <>
    <TextField label="Bowl: length × width × depth" {...field('bowl')} hint="70 x 50 x 14" />
    <TextField label="Handle: length × width × thickness" {...field('handle')} hint="200 x 18 x 10" echo={echo} />
  </>
);

const SHAPES: Readonly<Record<Geometry['shape'], (props: Props) => ReactNode>> = {
  board: ({ field, form, echo }) => (
    <>
      <TextField label="Length × width × thickness" {...field('sizes')} hint="420 x 260 x 24, or 12 x 18 x 1 in" echo={echo} />
      <Grain form={form} />
      <TextField label="Juice groove: width × depth × from the edge" {...field('groove')} hint="12 x 5 x 20; empty for none" />
      <TextField label="Handle hole: length × width" {...field('hole')} hint="90 x 30; empty for none" />
      <TextField label="Engraved, share of the top face" {...field('engraved')} hint="10 %; empty for none" />
    </>
  ),
  disc: ({ field, form, echo }) => (
    <>
      <TextField label="Diameter × thickness" {...field('sizes')} hint="300 x 22" echo={echo} />
      <Grain form={form} />
    </>
  ),
  tray: ({ field, echo }) => (
    <>
      <TextField label="Length × width × thickness" {...field('sizes')} hint="400 x 250 x 30" echo={echo} />
      <TextField label="Recess: length × width × depth" {...field('recess')} hint="360 x 210 x 14" />
    </>
  ),
  box: ({ draft, field, echo, onChange }) => (
    <>
      <TextField label="Length × width × height" {...field('sizes')} hint="180 x 120 x 90" echo={echo} />
      <Lid draft={draft} onChange={onChange} />
      <Wall field={field} />
    </>
  ),
  'round-box': ({ draft, field, echo, onChange }) => (
    <>
      <TextField label="Diameter × height" {...field('sizes')} hint="90 x 70" echo={echo} />
      <Lid draft={draft} onChange={onChange} />
      <Wall field={field} />
    </>
  ),
  ring: ({ field, echo }) => <TextField label="Diameter × thickness of the bar" {...field('sizes')} hint="70 x 12" echo={echo} />,
  spoon: ({ field, echo }) => <Handled field={field} echo={echo} />,
  scoop: ({ field, echo }) => (
    <>
      <Wall field={field} />
      <Handled field={field} echo={echo} />
    </>
  ),
  turned: ({ draft, faults, echo, onChange }) => (
    <>
      <Tick checked={draft.solid} onChange={() => onChange({ solid: !draft.solid })}>
        Solid: nothing turned out inside
      </Tick>
      <ProfileEditor draft={draft} faults={faults} onChange={onChange} />
      <p className="reading text-soft" role="status">
        {echo ? `= ${echo}` : ''}
      </p>
    </>
  ),
  plain: ({ field, echo }) => (
    <>
      <TextField label="Its whole surface" {...field('surface')} hint="1200 cm², or 1.3 sq ft" echo={echo} />
      <TextField label="End grain, share of it" {...field('endShare')} hint="10 %; empty for none" />
    </>
  ),
  parts: (props) => <PartRows {...props} />,
  like: (props) => <LikeFields {...props} />,
  unknown: () => (
    <p className="max-w-prose text-soft">
      Nothing is measured. Weigh what the first coat took: from its grams and the thirst of the wood the surface is reckoned, and
      the later coats with it. Until then hands are reckoned as for a small board, and no grams are foretold.
    </p>
  ),
};

const PARTS = Object.keys(PART_SHAPES) as readonly PartDraft['shape'][];
/** A disc among parts is as often a rod. */
const PART_NAMES: Readonly<Partial<Record<PartDraft['shape'], string>>> = { board: 'Block', disc: 'Disc or rod' };

/** The parts of a piece, each with its count. */
function PartRows({ draft, faults, echo, onChange }: Props) {
  const set = (index: number, part: Partial<PartDraft>): void =>
    onChange({ parts: draft.parts.map((one, i) => (i === index ? { ...one, ...part } : one)) });
  return (
    <fieldset>
      <legend className="label">Its parts</legend>
      <ol>
        {draft.parts.map((part, i) => (
          <li key={part.key} className="grid grid-cols-[4.5rem_9rem_minmax(0,1fr)_2.75rem] items-start gap-2">
            <TextField
              label="How many"
              inputMode="numeric"
              value={part.count}
              onChange={(event) => set(i, { count: event.target.value })}
            />
            <SelectField
              label="Shape"
              value={part.shape}
              onChange={(event) => set(i, { shape: PARTS.find((one) => one === event.target.value) ?? 'disc' })}
            >
              {PARTS.map((shape) => (
                <option key={shape} value={shape}>
                  {PART_NAMES[shape] ?? SHAPE_WORDS[shape]}
                </option>
              ))}
            </SelectField>
            <TextField
              label="Sizes"
              value={part.sizes}
              onChange={(event) => set(i, { sizes: event.target.value })}
              hint={PART_SHAPES[part.shape]}
              fault={faults[`parts.${i}`]}
            />
            <button
              type="button"
              aria-label={`Take part ${i + 1} out`}
              className="mt-6 min-h-11 text-xl disabled:opacity-30"
              disabled={draft.parts.length === 1}
              onClick={() => onChange({ parts: draft.parts.filter((_, at) => at !== i) })}
            >
              ×
            </button>
          </li>
        ))}
      </ol>
      <Button onClick={() => onChange({ parts: [...draft.parts, { key: freshId(), count: '1', shape: 'disc', sizes: '' }] })}>
        Another part
      </Button>
      <p className="reading text-soft" role="status">
        {echo ? `= ${echo}` : ''}
      </p>
    </fieldset>
  );
}

/** A design that something else may be about the size of. */
const solidOf = (geometry: Geometry): Solid | null =>
  geometry.shape === 'parts' || geometry.shape === 'like' || geometry.shape === 'unknown' ? null : geometry;

function LikeFields({ draft, designs, field, echo, onChange }: Props) {
  const offered = designs.flatMap((one) => {
    const of = solidOf(one.geometry);
    return of ? [{ id: String(one.revisionId), name: one.name, of }] : [];
  });
  const chosen = offered.find((one) => JSON.stringify(one.of) === JSON.stringify(draft.likeOf));
  return (
    <>
      <SelectField
        label="About the size of"
        value={chosen?.id ?? ''}
        onChange={(event) => onChange({ likeOf: offered.find((one) => one.id === event.target.value)?.of ?? null })}
      >
        <option value="">choose a design</option>
        {offered.map((one) => (
          <option key={one.id} value={one.id}>
            {one.name}
          </option>
        ))}
      </SelectField>
      <TextField label="So many times its surface" {...field('times')} hint="1, 1/2, 1.5" echo={echo} />
    </>
  );
}
