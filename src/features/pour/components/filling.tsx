'use client';

import { z } from 'zod';
import { FIRST_RESIDUE_G, fill, HOT_BRIM_LIMIT } from '@/core/blend';
import { figureDown, parseMass, say, signOf } from '@/core/quantity';
import { filling as wording } from '@/messages/screens/pour';
import { GRIDS, type LabelFacts, labelOf, typeFor } from '@/print/label';
import { Button } from '@/ui/button';
import { Faults, SelectField, TextField } from '@/ui/field';
import { Fold } from '@/ui/fold';
import { Headings } from '@/ui/headings';
import { Tick } from '@/ui/tick';
import { type FormState, useForm } from '@/web/form/use-form';
import { reads } from '@/web/here';
import { catalogue } from '@/web/here-catalogue';
import { filled } from '../actions';
import { FillFields } from '../forms';
import { LabelDrawn } from './label-drawn';

type Jar = {
  readonly id: number;
  readonly name: string;
  readonly capacityMl: number;
  readonly fillFraction: number;
  readonly have: number;
  readonly tareG: number | null;
};
type Props = {
  readonly pourId: number;
  readonly version: number;
  readonly massG: number;
  readonly densityGPerMl: number;
  readonly pourC: number | null;
  readonly waxFraction: number;
  readonly jars: readonly Jar[];
  readonly residueG: number;
  /** What the label will be made from; null for a practice pot. */
  readonly label: LabelFacts | null;
  /** Why it is filled cold. */
  readonly cold: string | null;
  /** Made cold: no lump of wax may be left. */
  readonly asksLumps: boolean;
};

/** As it is typed: what was not touched is null, and stands as it is reckoned. */
const FillTyped = z.object({
  residue: FillFields.shape.residue,
  residueIs: FillFields.shape.residueIs,
  noLumps: FillFields.shape.noLumps,
  jars: z.array(
    z.object({ count: z.string().max(100).nullable(), net: z.string().max(100).nullable(), weighed: z.string().max(100) }),
  ),
});
type Typed = z.input<typeof FillTyped>;

const massOr = (text: string, fallback: number): number => {
  const parsed = parseMass(text, reads());
  return parsed.ok ? parsed.value : fallback;
};

/** Net masses of weighed jars, tare taken off: their mean, their spread, and the lowest, which the label says. */
function samplesOf(
  text: string,
  tareG: number,
): { readonly meanG: number; readonly lowestG: number; readonly spreadG: number; readonly count: number } | null {
  const nets = text
    .split(/[;\s]+/)
    .filter(Boolean)
    .flatMap((one) => {
      const parsed = parseMass(one, reads());
      return parsed.ok ? [parsed.value - tareG] : [];
    });
  if (nets.length === 0) return null;
  return {
    meanG: nets.reduce((sum, net) => sum + net, 0) / nets.length,
    lowestG: Math.min(...nets),
    spreadG: Math.max(...nets) - Math.min(...nets),
    count: nets.length,
  };
}

/** The form of a filling, and what it comes to: the mix that leaves least until it is typed over. */
function useFilling({ pourId, version, massG, densityGPerMl, pourC, waxFraction, jars, residueG: usual }: Props) {
  const form = useForm<Typed, { readonly leftG: number }>({
    schema: FillTyped,
    start: {
      residue: say(usual > 0 ? usual : FIRST_RESIDUE_G, 'g', reads()),
      residueIs: 'lost',
      noLumps: false,
      jars: jars.map(() => ({ count: null, net: null, weighed: '' })),
    },
    save: ({ jars: rows, ...pot }) =>
      filled({
        pourId,
        version,
        ...pot,
        jars: jars.map((jar, i) => ({
          containerId: jar.id,
          count: countOf(i),
          net: netOf(i),
          weighed: rows[i]?.weighed ?? '',
        })),
      }),
    keptAs: `filling ${pourId}`,
  });
  const { residue, jars: rows } = form.values;
  const residueG = massOr(residue, 0);
  const sizes = jars
    .filter((jar) => jar.have > 0)
    .map((jar) => ({ id: String(jar.id), capacityMl: jar.capacityMl, fill: jar.fillFraction, have: Math.min(jar.have, 200) }));
  const best =
    sizes.length > 0
      ? fill({
          massG,
          lossG: Math.min(residueG, massG * 0.99),
          densityGPerMl,
          sizes,
          waxFraction,
          ...(pourC === null ? {} : { pourC }),
        })
      : null;
  const proposed = best?.ok ? best.value : null;
  const countOf = (i: number): string => rows[i]?.count ?? String(proposed?.counts[jars[i]?.id ?? 0] ?? 0);
  const netOf = (i: number): string => {
    const jar = jars[i];
    // Down to what the scale shows: rounded up, a pot that was weighed for so many jars would be a little short of them.
    return rows[i]?.net ?? figureDown(jar ? jar.capacityMl * jar.fillFraction * densityGPerMl : 0, 'g', reads());
  };
  const filledG = jars.reduce(
    (sum, jar, i) =>
      sum + Number(countOf(i) || 0) * (samplesOf(rows[i]?.weighed ?? '', jar.tareG ?? 0)?.meanG ?? massOr(netOf(i), 0)),
    0,
  );
  const leftG = massG - residueG - filledG;
  // The first size that is filled stands for the label: its lowest weighed net, or what is reckoned.
  const first = jars.findIndex((_, i) => Number(countOf(i) || 0) > 0);
  const labelNet =
    first < 0 ? leftG : (samplesOf(rows[first]?.weighed ?? '', jars[first]?.tareG ?? 0)?.lowestG ?? massOr(netOf(first), 0));
  return { form, proposed, countOf, netOf, labelNet, leftG };
}

/** The label as it will be printed, beside the fill: what it says of weight follows what is typed. */
function LabelAhead({ facts, netG }: { readonly facts: LabelFacts | null; readonly netG: number }) {
  const grid = GRIDS[0];
  if (!facts || !grid || !(netG > 0)) return null;
  const label = labelOf({ ...facts, netG }, reads(), catalogue());
  const size = typeFor(label, grid);
  return (
    <Fold line="words" className="my-3" says={wording.whatItsLabelWill}>
      {size === null ? (
        <p className="text-soft">{wording.allThatItMust}</p>
      ) : (
        <LabelDrawn label={label} code={null} grid={grid} size={size} />
      )}
    </Fold>
  );
}

/** Fills jars: the mix that leaves least is proposed, and everything can be typed over. */
export function Filling(props: Props) {
  const { massG, jars, cold, asksLumps } = props;
  const { form, proposed, countOf, netOf, labelNet, leftG } = useFilling(props);
  const { noLumps } = form.values;
  return (
    <section>
      <p className="text-lg">
        <strong className="reading text-3xl">{say(massG, 'g', reads())}</strong>
        {wording.inThePotBelow}
      </p>
      {cold ? <p className="mt-2 max-w-prose border-late border-l-8 bg-paper px-4 py-2">{cold}</p> : null}
      <table className="mt-3 w-full">
        <Headings
          of={[
            wording.jarOrTin,
            wording.there,
            { says: wording.filled, is: 'w-28' },
            { says: wording.netReckoned, is: 'w-28' },
            { says: wording.someOfThemWeighed, is: 'w-64' },
            wording.hotLevel,
          ]}
        />
        <tbody>
          {jars.map((jar, i) => (
            <JarRow
              key={jar.id}
              jar={jar}
              form={form}
              at={i}
              count={countOf(i)}
              net={netOf(i)}
              brim={proposed?.hotBrim?.[jar.id]}
            />
          ))}
        </tbody>
      </table>
      {jars.length === 0 ? <p className="my-3">{wording.noJarsAreIn}</p> : null}
      <div className="mt-3 flex flex-wrap items-start gap-8">
        <TextField className="w-44" label={wording.staysInThePot} {...form.field('residue')} hint={wording.notInAnyJar} />
        <SelectField className="w-72" label={wording.whatBecomesOfIt} {...form.field('residueIs')}>
          <option value="lost">{wording.itIsWipedOut}</option>
          <option value="tool-wax">{wording.itIsScrapedOut}</option>
        </SelectField>
        <p className={`pt-6 text-lg ${leftG < -0.05 ? 'font-semibold text-late' : ''}`} role="status">
          {leftG < -0.05
            ? wording.moreThanThereIs(say(-leftG, 'g', reads()))
            : wording.leftForTheShop(say(Math.max(0, leftG), 'g', reads()))}
        </p>
      </div>
      {asksLumps ? (
        <Tick checked={noLumps} onChange={() => form.set('noLumps', !noLumps)}>
          {wording.lookedAtAgainstThe}
        </Tick>
      ) : null}
      <LabelAhead facts={props.label} netG={labelNet} />
      <Faults of={form.faults} />
      <Button look="hand" big disabled={form.busy || leftG < -0.05} onClick={() => form.submit()}>
        {wording.filled}
      </Button>
    </section>
  );
}

type RowProps = {
  readonly jar: Jar;
  readonly form: FormState<Typed>;
  readonly at: number;
  readonly count: string;
  readonly net: string;
  /** How high it stands while hot, as a share of the brim. */
  readonly brim: number | undefined;
};

/** One size of jar: how many are filled, what they weigh, and how high they stand while hot. */
function JarRow({ jar, form, at: i, count, net, brim }: RowProps) {
  const samples = samplesOf(form.values.jars[i]?.weighed ?? '', jar.tareG ?? 0);
  const high = brim !== undefined && brim > HOT_BRIM_LIMIT;
  return (
    <tr className="border-hair border-b align-top">
      <th scope="row" className="py-3 text-left font-semibold">
        {jar.name}
      </th>
      <td className="reading py-3">{jar.have}</td>
      <td className="pr-4">
        <TextField
          label=""
          aria-label={wording.howManyFilled(jar.name)}
          inputMode="numeric"
          {...form.field(`jars.${i}.count`)}
          value={count}
        />
      </td>
      <td className="pr-4">
        <TextField
          label=""
          aria-label={wording.netMass(jar.name)}
          inputMode="decimal"
          {...form.field(`jars.${i}.net`)}
          value={net}
          hint={signOf('g', reads())}
        />
      </td>
      <td className="pr-4">
        <TextField
          label=""
          aria-label={wording.weighedWithTheJar(jar.name)}
          {...form.field(`jars.${i}.weighed`)}
          hint={jar.tareG === null ? wording.itsTareIsNot : wording.oneOrSeveralWith(say(jar.tareG, 'g', reads()))}
          echo={
            samples
              ? wording.onAverageApartLabel(
                  say(samples.meanG, 'g', reads()),
                  say(samples.spreadG, 'g', reads()),
                  say(samples.lowestG, 'g', reads()),
                )
              : null
          }
        />
      </td>
      <td className={`reading py-3 ${high ? 'font-semibold text-late' : 'text-soft'}`}>
        {brim === undefined
          ? '–'
          : wording.ofTheBrim(high ? '▲ ' : '', say(brim, 'fraction', reads()), high ? wording.fillInTwoGoes : '')}
      </td>
    </tr>
  );
}
