import type { ReactNode } from 'react';
import { type Geometry, PART_SHAPES, type PartDraft, type Solid } from '@/core/piece';
import { SHAPE_WORDS } from '@/messages';
import { shared } from '@/messages/screens/shared';
import { shapeFields as wording } from '@/messages/screens/start';
import { Button } from '@/ui/button';
import { SelectField, TextField } from '@/ui/field';
import { freshId } from '@/ui/id';
import { BoardFields } from '../shapes/board';
import { BoxFields } from '../shapes/box';
import { DiscFields } from '../shapes/disc';
import { PlainFields } from '../shapes/plain';
import { RingFields } from '../shapes/ring';
import { RoundBoxFields } from '../shapes/round-box';
import { ScoopFields } from '../shapes/scoop';
import type { FieldsProps } from '../shapes/shared';
import { SpoonFields } from '../shapes/spoon';
import { TrayFields } from '../shapes/tray';
import { TurnedFields } from '../shapes/turned';

/** What is typed of each shape. */
export function ShapeFields(props: FieldsProps) {
  const Fields = FIELDS[props.draft.shape];
  return <Fields {...props} />;
}

const FIELDS: Readonly<Record<Geometry['shape'], (props: FieldsProps) => ReactNode>> = {
  board: BoardFields,
  disc: DiscFields,
  tray: TrayFields,
  spoon: SpoonFields,
  scoop: ScoopFields,
  turned: TurnedFields,
  box: BoxFields,
  'round-box': RoundBoxFields,
  ring: RingFields,
  plain: PlainFields,
  parts: PartRows,
  like: LikeFields,
  unknown: () => <p className="max-w-prose text-soft">{wording.nothingIsMeasuredWeigh}</p>,
};

const PARTS = Object.keys(PART_SHAPES) as readonly PartDraft['shape'][];
/** A disc among parts is as often a rod. */
const PART_NAMES: Readonly<Partial<Record<PartDraft['shape'], string>>> = { board: 'Block', disc: wording.discOrRod };

/** The parts of a piece, each with its count. */
function PartRows({ draft, faults, echo, onChange }: FieldsProps) {
  const set = (index: number, part: Partial<PartDraft>): void =>
    onChange({ parts: draft.parts.map((one, i) => (i === index ? { ...one, ...part } : one)) });
  return (
    <fieldset>
      <legend className="label">{wording.itsParts}</legend>
      <ol>
        {draft.parts.map((part, i) => (
          <li key={part.key} className="grid grid-cols-[4.5rem_9rem_minmax(0,1fr)_2.75rem] items-start gap-2">
            <TextField
              label={shared.howMany}
              inputMode="numeric"
              value={part.count}
              onChange={(event) => set(i, { count: event.target.value })}
            />
            <SelectField
              label={wording.shape}
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
              label={wording.sizes}
              value={part.sizes}
              onChange={(event) => set(i, { sizes: event.target.value })}
              hint={PART_SHAPES[part.shape]}
              fault={faults[`parts.${i}`]}
            />
            <button
              type="button"
              aria-label={wording.takePartOut(i + 1)}
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
        {wording.anotherPart}
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

function LikeFields({ draft, designs, field, echo, onChange }: FieldsProps) {
  const offered = designs.flatMap((one) => {
    const of = solidOf(one.geometry);
    return of ? [{ id: String(one.revisionId), name: one.name, of }] : [];
  });
  const chosen = offered.find((one) => JSON.stringify(one.of) === JSON.stringify(draft.likeOf));
  return (
    <>
      <SelectField
        label={wording.aboutTheSizeOf}
        value={chosen?.id ?? ''}
        onChange={(event) => onChange({ likeOf: offered.find((one) => one.id === event.target.value)?.of ?? null })}
      >
        <option value="">{wording.chooseADesign}</option>
        {offered.map((one) => (
          <option key={one.id} value={one.id}>
            {one.name}
          </option>
        ))}
      </SelectField>
      <TextField label={wording.soManyTimesIts} {...field('times')} hint="1, 1/2, 1.5" echo={echo} />
    </>
  );
}
