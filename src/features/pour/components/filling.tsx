'use client';

import { useState } from 'react';
import { fill, HOT_BRIM_LIMIT } from '@/core/blend';
import { formatMass, parseMass, parseNumber } from '@/core/quantity';
import { Button } from '@/ui/button';
import { Faults, TextField } from '@/ui/field';
import { Tick } from '@/ui/tick';
import { useSave } from '@/web/use-save';
import { filled } from '../actions';

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
  /** Why it is filled cold. */
  readonly cold: string | null;
  /** Made cold: no lump of wax may be left. */
  readonly asksLumps: boolean;
};

const massOr = (text: string, fallback: number): number => {
  const parsed = parseMass(text);
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
      const parsed = parseNumber(one);
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

/** Fills jars: the mix that leaves least is proposed, and everything can be typed over. */
export function Filling({
  pourId,
  version,
  massG,
  densityGPerMl,
  pourC,
  waxFraction,
  jars,
  residueG: usual,
  cold,
  asksLumps,
}: Props) {
  const [residue, setResidue] = useState(`${Number((usual > 0 ? usual : 4).toFixed(1))} g`);
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
  const [counts, setCounts] = useState<Readonly<Record<number, string>>>({});
  const [weighed, setWeighed] = useState<Readonly<Record<number, string>>>({});
  const [nets, setNets] = useState<Readonly<Record<number, string>>>({});
  const [noLumps, setNoLumps] = useState(false);
  const { busy, faults, rest, run } = useSave<{ readonly leftG: number }>();
  const countOf = (jar: Jar): string => counts[jar.id] ?? String(proposed?.counts[jar.id] ?? 0);
  const netOf = (jar: Jar): string => nets[jar.id] ?? (jar.capacityMl * jar.fillFraction * densityGPerMl).toFixed(1);
  const filledG = jars.reduce(
    (sum, jar) =>
      sum + Number(countOf(jar) || 0) * (samplesOf(weighed[jar.id] ?? '', jar.tareG ?? 0)?.meanG ?? massOr(netOf(jar), 0)),
    0,
  );
  const leftG = massG - residueG - filledG;
  const save = (): void => {
    void run(() =>
      filled({
        pourId,
        version,
        residue,
        noLumps,
        jars: jars.map((jar) => ({ containerId: jar.id, count: countOf(jar), net: netOf(jar), weighed: weighed[jar.id] ?? '' })),
      }),
    );
  };
  return (
    <section>
      <p className="text-lg">
        <strong className="reading text-3xl">{formatMass(massG)}</strong> in the pot. Below the brim, in one go; what is left over
        goes in the shop jar.
      </p>
      {cold ? <p className="mt-2 max-w-prose border-late border-l-8 bg-paper px-4 py-2">{cold}</p> : null}
      <table className="mt-3 w-full">
        <thead>
          <tr className="label border-ink border-b text-left">
            <th className="py-1 font-normal">Jar or tin</th>
            <th className="py-1 font-normal">There</th>
            <th className="w-28 py-1 font-normal">Filled</th>
            <th className="w-28 py-1 font-normal">Net, reckoned</th>
            <th className="w-64 py-1 font-normal">Some of them weighed, jar and all</th>
            <th className="py-1 font-normal">Hot level</th>
          </tr>
        </thead>
        <tbody>
          {jars.map((jar, i) => {
            const brim = proposed?.hotBrim?.[jar.id];
            const samples = samplesOf(weighed[jar.id] ?? '', jar.tareG ?? 0);
            const high = brim !== undefined && brim > HOT_BRIM_LIMIT;
            return (
              <tr key={jar.id} className="border-hair border-b align-top">
                <th scope="row" className="py-3 text-left font-semibold">
                  {jar.name}
                </th>
                <td className="reading py-3">{jar.have}</td>
                <td className="pr-4">
                  <TextField
                    label=""
                    aria-label={`${jar.name}: how many filled`}
                    inputMode="numeric"
                    value={countOf(jar)}
                    onChange={(event) => setCounts({ ...counts, [jar.id]: event.target.value })}
                    fault={faults[`jars.${i}.count`]}
                  />
                </td>
                <td className="pr-4">
                  <TextField
                    label=""
                    aria-label={`${jar.name}: net mass`}
                    inputMode="decimal"
                    value={netOf(jar)}
                    onChange={(event) => setNets({ ...nets, [jar.id]: event.target.value })}
                    fault={faults[`jars.${i}.net`]}
                    hint="g"
                  />
                </td>
                <td className="pr-4">
                  <TextField
                    label=""
                    aria-label={`${jar.name}: weighed, with the jar`}
                    value={weighed[jar.id] ?? ''}
                    onChange={(event) => setWeighed({ ...weighed, [jar.id]: event.target.value })}
                    fault={faults[`jars.${i}.weighed`]}
                    hint={
                      jar.tareG === null
                        ? 'its tare is not known: weigh on a tared empty'
                        : `one or several, with a space between; tare ${formatMass(jar.tareG)}`
                    }
                    echo={
                      samples
                        ? `${formatMass(samples.meanG)} on average, ${samples.spreadG.toFixed(1)} g apart; label ${formatMass(samples.lowestG)}`
                        : null
                    }
                  />
                </td>
                <td className={`reading py-3 ${high ? 'font-semibold text-late' : 'text-soft'}`}>
                  {brim === undefined
                    ? '–'
                    : `${high ? '▲ ' : ''}${(brim * 100).toFixed(0)} % of the brim${high ? ': fill in two goes' : ''}`}
                </td>
              </tr>
            );
          })}
        </tbody>
      </table>
      {jars.length === 0 ? (
        <p className="my-3">No jars are in the stores. Enter a size under Stores, or keep the whole pot as the shop jar.</p>
      ) : null}
      <div className="mt-3 flex flex-wrap items-start gap-8">
        <TextField
          className="w-44"
          label="Stays in the pot"
          value={residue}
          onChange={(event) => setResidue(event.target.value)}
          fault={faults.residue}
          hint="lost, not in any jar"
        />
        <p className={`pt-6 text-lg ${leftG < -0.05 ? 'font-semibold text-late' : ''}`} role="status">
          {leftG < -0.05
            ? `▲ ${formatMass(-leftG)} more than there is`
            : `${formatMass(Math.max(0, leftG))} left for the shop jar`}
        </p>
      </div>
      {asksLumps ? (
        <Tick checked={noLumps} onChange={() => setNoLumps(!noLumps)}>
          Looked at against the light: no lump of wax is left
        </Tick>
      ) : null}
      <Faults of={rest(['residue', ...jars.flatMap((_, i) => [`jars.${i}.count`, `jars.${i}.net`, `jars.${i}.weighed`])])} />
      <Button look="hand" big disabled={busy || leftG < -0.05} onClick={save}>
        Filled
      </Button>
    </section>
  );
}
