'use client';

import { useState } from 'react';
import { blend, boughtOfLine, type Cheapest, type DraftAround } from '@/core/blend';
import { allIngredients, FAMILIES, findIngredient, type Ingredient } from '@/core/material';
import { formatMoney, parseMass, parseNumber, say } from '@/core/quantity';
import { CONTACT_WORDS, DRYING_WORDS, FAMILY_WORDS, FEEL_WORDS, HEAT_WORDS, limitWords, sayIssue } from '@/messages';
import { solveSheet as wording } from '@/messages/screens/blends';
import { Button } from '@/ui/button';
import { Sheet } from '@/ui/dialog';
import { Faults, SelectField, TextField } from '@/ui/field';
import { Tick } from '@/ui/tick';
import { reads } from '@/web/here';
import { catalogue } from '@/web/here-catalogue';
import { useSolver } from '../use-solver';

const allergens = (): string[] => [...new Set(allIngredients(catalogue()).flatMap((one) => one.allergens))].sort();
const EMPTY = {
  least: '18',
  most: '24',
  contact: 'once-cured',
  drying: '',
  avoid: [] as string[],
  cool: true,
  shaken: false,
  keeps: true,
  fromStock: true,
  total: '1000 g',
  ceiling: '',
};

type Props = {
  readonly around: DraftAround;
  readonly currency: string;
  readonly onTake: (fractions: Readonly<Record<string, number>>) => void;
};

/** Asks for the cheapest blend of chosen ingredients within limits, and says which limits bind or clash. */
export function SolveSheet({ around, currency, onTake }: Props) {
  // A bought finish is used as it comes: nobody reckons with its contents.
  const priced = allIngredients(catalogue()).filter(
    (one) => around.prices[one.id] !== undefined && boughtOfLine(one.id) === null,
  );
  const [open, setOpen] = useState(false);
  const [chosen, setChosen] = useState<readonly string[]>(priced.filter((one) => one.family !== 'solvent').map((one) => one.id));
  const [limits, setLimits] = useState(() => (reads().mass === 'oz' ? { ...EMPTY, total: '2 lb' } : EMPTY));
  const [found, setFound] = useState<Cheapest | null>(null);
  const [faults, setFaults] = useState<readonly string[]>([]);
  const [busy, setBusy] = useState(false);
  const solver = useSolver();
  const set = (change: Partial<typeof EMPTY>): void => {
    setLimits({ ...limits, ...change });
    setFound(null);
  };
  const solve = async (): Promise<void> => {
    const percent = (text: string): number | null => {
      const parsed = parseNumber(text.replace('%', ''));
      return parsed.ok ? parsed.value / 100 : null;
    };
    const [least, most, total] = [percent(limits.least), percent(limits.most), parseMass(limits.total, reads())];
    if (least === null || most === null || least > most) return setFaults([wording.writeTheWaxAs]);
    if (limits.fromStock && !total.ok) return setFaults(total.issues.map((one) => sayIssue(one, reads())));
    setBusy(true);
    const asked = {
      ingredients: chosen,
      prices: around.prices,
      limits: {
        waxEquivalent: [least, most],
        ...(limits.contact ? { contact: limits.contact } : {}),
        ...(limits.drying ? { drying: limits.drying } : {}),
        ...(limits.avoid.length > 0 ? { avoidAllergens: limits.avoid } : {}),
        ...(limits.cool ? { noHeatConflict: true } : {}),
        ...(limits.fromStock && total.ok ? { totalG: total.value, stock: around.stock } : {}),
      },
    };
    const answer = await solver((face) => face.cheapest(asked, { mayBeShaken: limits.shaken, keeps: limits.keeps }, catalogue()));
    setBusy(false);
    setFaults(answer.ok ? [] : answer.issues.map((one) => sayIssue(one, reads())));
    setFound(answer.ok ? answer.value : null);
  };
  return (
    <>
      <Button onClick={() => setOpen(true)}>{wording.findTheCheapest}</Button>
      <Sheet title={wording.theCheapestBlendWithin} open={open} onOpenChange={setOpen} say={wording.pricesAreThoseOf}>
        <MayBeUsed
          priced={priced}
          chosen={chosen}
          onChoose={(next) => {
            setChosen(next);
            setFound(null);
          }}
        />
        <LimitFields limits={limits} currency={currency} onChange={set} />
        <Faults of={faults} />
        <Button look="main" big disabled={busy || chosen.length === 0} onClick={() => void solve()}>
          {busy ? wording.looking : wording.findIt}
        </Button>
        {found ? (
          <Answer
            found={found}
            ceiling={limits.ceiling}
            ambientC={around.ambientC}
            currency={currency}
            onTake={(fractions) => {
              onTake(fractions);
              setOpen(false);
            }}
          />
        ) : null}
      </Sheet>
    </>
  );
}

type UsedProps = {
  readonly priced: readonly Ingredient[];
  readonly chosen: readonly string[];
  readonly onChoose: (chosen: readonly string[]) => void;
};

/** Ingredients that may be used, by family; one without a priced lot cannot be. */
function MayBeUsed({ priced, chosen, onChoose }: UsedProps) {
  return (
    <fieldset>
      <legend className="label">{wording.mayBeUsed}</legend>
      {priced.length === 0 ? <p className="font-semibold">{wording.noLotHasA}</p> : null}
      {FAMILIES.filter((family) => priced.some((one) => one.family === family)).map((family) => (
        <div key={family} className="flex flex-wrap items-center gap-x-4">
          <span className="w-32 text-sm text-soft">{FAMILY_WORDS[family]}</span>
          {priced
            .filter((one) => one.family === family)
            .map((one) => (
              <Tick
                key={one.id}
                checked={chosen.includes(one.id)}
                onChange={() => onChoose(chosen.includes(one.id) ? chosen.filter((id) => id !== one.id) : [...chosen, one.id])}
              >
                {one.name}
              </Tick>
            ))}
        </div>
      ))}
    </fieldset>
  );
}

type LimitsProps = {
  readonly limits: typeof EMPTY;
  readonly currency: string;
  readonly onChange: (change: Partial<typeof EMPTY>) => void;
};

/** What the blend must keep to. */
function LimitFields({ limits, currency, onChange: set }: LimitsProps) {
  return (
    <>
      <div className="grid grid-cols-2 gap-x-4">
        <TextField
          label={wording.hardnessFrom}
          value={limits.least}
          onChange={(event) => set({ least: event.target.value })}
          hint={wording.asOfBeeswax}
        />
        <TextField
          label={wording.to}
          value={limits.most}
          onChange={(event) => set({ most: event.target.value })}
          hint={wording.toIsASoft}
        />
        <SelectField label={wording.food} value={limits.contact} onChange={(event) => set({ contact: event.target.value })}>
          <option value="food-grade">{wording.onlyWhatIsSold}</option>
          <option value="once-cured">{wording.forFoodOnceCured}</option>
          <option value="">{wording.noMatter}</option>
        </SelectField>
        <SelectField label={wording.drying} value={limits.drying} onChange={(event) => set({ drying: event.target.value })}>
          <option value="">{wording.noMatter}</option>
          <option value="drying">{wording.mustDry}</option>
          <option value="never">{wording.mustNeverDry}</option>
        </SelectField>
        <TextField
          label={wording.atMostPerKg(currency)}
          value={limits.ceiling}
          onChange={(event) => set({ ceiling: event.target.value })}
          hint={wording.emptyNoCeiling}
          inputMode="decimal"
        />
        <TextField
          label={wording.howMuch}
          value={limits.total}
          onChange={(event) => set({ total: event.target.value })}
          hint={wording.onlyWhatIsIn}
          disabled={!limits.fromStock}
        />
      </div>
      <fieldset className="flex flex-wrap gap-x-5">
        <legend className="label">{wording.without}</legend>
        {allergens().map((allergen) => (
          <Tick
            key={allergen}
            checked={limits.avoid.includes(allergen)}
            onChange={() =>
              set({
                avoid: limits.avoid.includes(allergen)
                  ? limits.avoid.filter((one) => one !== allergen)
                  : [...limits.avoid, allergen],
              })
            }
          >
            {allergen}
          </Tick>
        ))}
      </fieldset>
      <Tick checked={limits.cool} onChange={() => set({ cool: !limits.cool })}>
        {wording.itMustPourBelow}
      </Tick>
      <Tick checked={limits.keeps} onChange={() => set({ keeps: !limits.keeps })}>
        {wording.itMustKeepNo}
      </Tick>
      <Tick checked={limits.shaken} onChange={() => set({ shaken: !limits.shaken })}>
        {wording.itMayPartAnd}
      </Tick>
      <Tick checked={limits.fromStock} onChange={() => set({ fromStock: !limits.fromStock })}>
        {wording.onlyFromWhatIs}
      </Tick>
    </>
  );
}

type AnswerProps = {
  readonly found: Cheapest;
  readonly ceiling: string;
  readonly ambientC: number;
  readonly currency: string;
  readonly onTake: (fractions: Readonly<Record<string, number>>) => void;
};

/** The cheapest there is and what holds its price up, or which limits clash. */
function Answer({ found, ceiling: typed, ambientC, currency, onTake }: AnswerProps) {
  const ceiling = parseNumber(typed);
  const tooDear = found.feasible && ceiling.ok && found.costPerKg > ceiling.value * 100;
  return (
    <div role="status" className="border-ink border-t-2 pt-3">
      {found.feasible ? (
        <>
          <p className="text-lg">
            <strong className="reading text-2xl">{formatMoney(found.costPerKg, currency)}</strong>
            {wording.perKg}
            {tooDear ? <span className="font-semibold text-late">{wording.aboveYourCeilingNo}</span> : null}
          </p>
          <ul className="my-2">
            {Object.entries(found.fractions)
              .sort((a, b) => b[1] - a[1])
              .map(([id, share]) => (
                <li key={id} className="flex justify-between border-hair border-b py-1">
                  <span>{findIngredient(id, catalogue())?.name}</span>
                  <strong className="reading">{say(share, 'fraction', reads(), 1)}</strong>
                </li>
              ))}
          </ul>
          <p className="mb-3">
            {found.binding.length > 0
              ? wording.whatHoldsThePrice(found.binding.map((one) => limitWords(one, catalogue())).join(', '))
              : wording.noLimitHoldsThe}
          </p>
          <Verdict fractions={found.fractions} ambientC={ambientC} />
          <Button look="hand" big onClick={() => onTake(found.fractions)}>
            {wording.putItOnThe}
          </Button>
        </>
      ) : (
        <p className="font-semibold text-late">
          {wording.noBlendKeepsAll(found.clash.map((one) => limitWords(one, catalogue())).join(' with '))}
        </p>
      )}
    </div>
  );
}

/** What the blend itself says of the answer: cheap is not yet useful. */
function Verdict({ fractions, ambientC }: { readonly fractions: Readonly<Record<string, number>>; readonly ambientC: number }) {
  const lines = Object.entries(fractions).map(([ingredient, parts]) => ({ ingredient, parts }));
  const made = blend({ lines, make: { massG: 100 }, ambientC }, catalogue());
  if (!made.ok) return null;
  const { consistency, drying, contact, heat, heatConflict, separates, allergens, turnsRancid } = made.value;
  const warns = [
    ...(drying === 'mixed' ? [wording.itStaysTacky] : []),
    ...(heatConflict ? [wording.itsWaxWantsMore] : []),
    ...(turnsRancid ? [wording.itTurnsRancid] : []),
    ...(separates ? [wording.itPartsShakeBefore] : []),
  ];
  return (
    <p className="mb-3">
      {[FEEL_WORDS[consistency], DRYING_WORDS[drying], CONTACT_WORDS[contact], HEAT_WORDS[heat]].join('; ')}
      {allergens.length > 0 ? wording.holds(allergens.join(', ')) : ''}.
      {warns.length > 0 ? <strong className="text-late"> ▲ {warns.join('; ')}.</strong> : null}
    </p>
  );
}
