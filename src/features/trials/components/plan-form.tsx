'use client';

import { say } from '@/core/quantity';
import { BEARERS, type Evenness, kindTraits, SAID_KINDS, TRIAL_KINDS, WEARS } from '@/core/trial';
import { BEARER_WORDS, sayIssue, TRIAL_KIND_WORDS, WEAR_WORDS, WHY_NONE_WORDS } from '@/messages';
import { shared } from '@/messages/screens/shared';
import { planForm as wording } from '@/messages/screens/trials';
import { type AsSent, useRegimens } from '@/trade/use-regimens';
import { Why } from '@/trade/why';
import { Button } from '@/ui/button';
import { ChoiceField } from '@/ui/choice';
import { Faults, NoteField, SelectField, TextField } from '@/ui/field';
import { Form } from '@/ui/form';
import { LINE_LETTERS } from '@/ui/line-look';
import { Tick } from '@/ui/tick';
import { reads } from '@/web/here';
import { BoardPlan } from './board-plan';
import { PowerChart } from './power-chart';
import { type PlanProps, type TrialPlanHere, tried, usePlan } from './use-plan';

/** The plan of a trial: what is asked, on what, which finishes; beside it how the fields lie and what they can tell. */
export function PlanForm(sent: AsSent<PlanProps>) {
  const props: PlanProps = { ...sent, regimens: useRegimens(sent.regimens) };
  const plan = usePlan(props);
  const { form } = plan;
  return (
    <Form onSubmit={form.submit} className="grid gap-x-10 gap-y-6 wide:grid-cols-[minmax(0,1.1fr)_minmax(0,1fr)]">
      <div className="flex flex-col gap-1">
        <TextField label={wording.whatItIsAbout} placeholder={wording.tungOrLinseedOn} {...form.field('name')} />
        <Question plan={plan} />
        <Treatments plan={plan} {...props} />
        <Bearers plan={plan} woods={props.woods} />
        <WearFields plan={plan} />
        <Faults of={form.faults} />
        <Button look="main" big type="submit" disabled={form.busy}>
          {wording.layItOut}
        </Button>
        <p className="text-sm text-soft">{wording.aBatchBeginsFor}</p>
      </div>
      <Preview plan={plan} />
    </Form>
  );
}

type Of = { readonly plan: TrialPlanHere };

/** What is asked first, and what else is looked at on the way. */
function Question({ plan: { form } }: Of) {
  const { question, kinds } = form.values;
  const setQuestion = (value: string): void => {
    const kind = TRIAL_KINDS.find((one) => one === value) ?? question;
    form.set('question', kind);
    form.set('threshold', String(kindTraits(kind).threshold));
  };
  return (
    <>
      <div className="grid grid-cols-2 gap-4">
        <SelectField
          label={wording.theQuestion}
          {...form.field('question')}
          onChange={(event) => setQuestion(event.target.value)}
        >
          {TRIAL_KINDS.map((kind) => (
            <option key={kind} value={kind}>
              {TRIAL_KIND_WORDS[kind].name}
            </option>
          ))}
        </SelectField>
        <TextField
          label={wording.itMustBeRenewed}
          inputMode="decimal"
          {...form.field('threshold')}
          hint={UNIT_HINTS[kindTraits(question).unit]}
        />
      </div>
      <fieldset className="mb-2">
        <legend className="label">{wording.lookedAtAsWell}</legend>
        <div className="grid grid-cols-2 gap-x-4">
          {SAID_KINDS.filter((kind) => kind !== question).map((kind) => (
            <Tick
              key={kind}
              checked={kinds.includes(kind)}
              onChange={() => form.set('kinds', kinds.includes(kind) ? kinds.filter((one) => one !== kind) : [...kinds, kind])}
            >
              {TRIAL_KIND_WORDS[kind].name}
            </Tick>
          ))}
        </div>
      </fieldset>
    </>
  );
}
const UNIT_HINTS = {
  grade: 'a grade from 1, worst, to 5',
  s: 'seconds a drop still stands',
  dE: 'a shift of colour, ΔE; 1 is hardly seen',
  share: 'a share of the field, 0.05 is 5 %',
} as const;

/** How much of a treatment stays on the wood, beside the others. */
function EvennessLine({ equal }: { readonly equal: Evenness }) {
  return (
    <p className={equal.isUnequal ? 'font-semibold text-late' : 'text-soft'}>
      {wording.stayOnTheWood(
        equal.isUnequal ? '▲ ' : '',
        say(equal.solidsPerM2, 'g/m²', reads()),
        equal.isUnequal && equal.times
          ? wording.timesTheMiddleOne(
              equal.times.toFixed(1),
              equal.coatsForEqual,
              equal.coatsForEqual === 1 ? wording.coat : wording.coats,
            )
          : '',
      )}
    </p>
  );
}

/** The finishes: bare first and always, then each with its regimen and its lots. */
function Treatments({ plan, regimens }: Of & Pick<PlanProps, 'regimens'>) {
  const { form, even } = plan;
  return (
    <fieldset className="mb-2 border-rule border-t pt-2">
      <legend className="label">{wording.finishes}</legend>
      <p className="flex min-h-11 items-center gap-3">
        <Letter at={0} />
        {wording.bareWoodAlways}
      </p>
      {form.values.treatments.map((one, at) => {
        const equal = even.get(one.key);
        return (
          <div key={one.key} className="grid grid-cols-[2rem_minmax(0,1fr)] gap-x-3 border-hair border-t py-2">
            <Letter at={at + 1} />
            <div>
              <div className="grid grid-cols-2 gap-x-4">
                <SelectField
                  label={wording.regimen}
                  value={one.regimenRevisionId}
                  fault={form.fault(`treatments.${at}.regimenRevisionId`)}
                  onChange={(event) => plan.setTreatment(at, { regimenRevisionId: Number(event.target.value), materials: {} })}
                >
                  {tried(regimens).map((regimen) => (
                    <option key={regimen.revisionId} value={regimen.revisionId}>
                      {regimen.name}
                    </option>
                  ))}
                </SelectField>
                <TextField
                  label={wording.calledIfOtherwise}
                  value={one.name}
                  onChange={(event) => plan.setTreatment(at, { name: event.target.value })}
                />
                {plan.offered(one.regimenRevisionId).map(({ slot, lots, why }) => (
                  <SelectField
                    key={slot.slot}
                    label={slot.name}
                    value={one.materials[slot.slot] ?? 0}
                    fault={form.fault(`treatments.${at}.materials.${slot.slot}` as never)}
                    hint={why ? WHY_NONE_WORDS[why] : ''}
                    onChange={(event) =>
                      plan.setTreatment(at, { materials: { ...one.materials, [slot.slot]: Number(event.target.value) } })
                    }
                  >
                    <option value={0}>{shared.chooseTheLot}</option>
                    {lots.map((lot) => (
                      <option key={lot.id} value={lot.id}>
                        {lot.number} {lot.title}
                      </option>
                    ))}
                  </SelectField>
                ))}
              </div>
              {equal ? <EvennessLine equal={equal} /> : null}
              {form.values.treatments.length > 1 ? (
                <Button look="quiet" onClick={() => plan.drop(at)}>
                  {wording.withoutIt}
                </Button>
              ) : null}
            </div>
          </div>
        );
      })}
      <Button onClick={plan.add} disabled={form.values.treatments.length >= 11}>
        {wording.oneMoreFinish}
      </Button>
    </fieldset>
  );
}

const Letter = ({ at }: { readonly at: number }) => (
  <span className="reading flex h-8 w-8 items-center justify-center border-2 border-ink bg-paper font-bold">
    {LINE_LETTERS[at]}
  </span>
);

/** The wood and how much of it. */
function Bearers({ plan: { form }, woods }: Of & Pick<PlanProps, 'woods'>) {
  return (
    <div className="border-rule border-t pt-2">
      <ChoiceField
        asks="On"
        value={form.values.bearer}
        options={BEARERS.map((value) => ({ value, ...BEARER_WORDS[value] }))}
        onChange={(bearer) => {
          form.set('bearer', bearer);
          if (bearer === 'halves' || bearer === 'scrap') form.set('boards', '1');
        }}
      />
      <Faults of={[form.fault('bearer') ?? ''].filter(Boolean)} />
      <div className="grid grid-cols-2 gap-x-4 bench:grid-cols-4">
        <SelectField label={shared.wood} {...form.field('speciesId')}>
          {woods.map((one) => (
            <option key={one.id} value={one.id}>
              {one.name}
            </option>
          ))}
        </SelectField>
        <TextField label={shared.howMany} inputMode="numeric" {...form.field('boards')} />
        <TextField label={wording.alongTheFields} {...form.field('length')} hint={wording.mm} />
        <TextField label={wording.across} {...form.field('width')} hint={wording.mm2} />
      </div>
    </div>
  );
}

/** What wears them, and how it is done here. */
function WearFields({ plan: { form } }: Of) {
  const { wear, protocol } = form.values;
  const isOwn = WEARS.every((one) => WEAR_WORDS[one].protocol !== protocol);
  const setWear = (next: (typeof WEARS)[number]): void => {
    form.set('wear', next);
    // A protocol in the shop's own words stays.
    if (!isOwn) form.set('protocol', WEAR_WORDS[next].protocol);
  };
  return (
    <div className="border-rule border-t pt-2">
      <ChoiceField
        asks={wording.whatOneCycleIs}
        lies="bar"
        value={wear}
        options={WEARS.map((value) => ({ value, name: WEAR_WORDS[value].name }))}
        onChange={setWear}
      />
      <NoteField label={wording.howItIsDone} rows={4} {...form.field('protocol')} />
    </div>
  );
}

/** How the fields lie and what so many boards can tell. */
function Preview({ plan }: Of) {
  const { form, laid, power } = plan;
  const boards = laid?.boards ?? null;
  const told = power.find((one) => one.boards === boards)?.chance ?? (boards === 1 ? 0 : null);
  const enough = power.find((one) => one.chance >= 0.8)?.boards;
  return (
    <aside className="flex flex-col gap-6 wide:sticky wide:top-4 wide:self-start">
      <section aria-label={wording.howTheFieldsLie}>
        <div className="flex items-baseline justify-between gap-4">
          <h2>{wording.howTheFieldsLie}</h2>
          <Button look="quiet" onClick={() => form.set('seed', (form.values.seed + 1) % 2 ** 31)}>
            {wording.layThemOtherwise}
          </Button>
        </div>
        {laid === null ? <p className="text-soft">{wording.sayHowManyBoards}</p> : null}
        {laid?.fault ? <p className="font-semibold text-late">▲ {sayIssue(laid.fault, reads())}</p> : null}
        <ol className="mt-2 grid grid-cols-2 gap-x-4 gap-y-3">
          {laid?.drawn.slice(0, 12).map((fields, i) => (
            // biome-ignore lint/suspicious/noArrayIndexKey: a board is its number
            <li key={i}>
              <span className="label">{wording.board(i + 1)}</span>
              <BoardPlan
                id={`plan-${i}`}
                lengthMm={laid.long}
                widthMm={laid.wide}
                fields={fields}
                says={wording.boardFromTheMarked(i + 1, fields.map(({ at }) => plan.nameOf(at)).join(', '))}
              />
            </li>
          ))}
        </ol>
        <p className="mt-2 text-sm text-soft">{wording.everyFinishOnceA}</p>
      </section>
      <section aria-label={wording.whatItCanTell}>
        <h2>{wording.whatItCanTell}</h2>
        <p className="text-lg">
          {boards === null || told === null ? (
            wording.moreBoardsThanAre
          ) : told === 0 ? (
            <span className="font-semibold text-late">
              {wording.cannotTellWhichIs(boards === 1 ? wording.oneBoard : wording.boards(boards))}
            </span>
          ) : (
            <>
              {wording.boardsTellOneGrade(boards)}
              <strong className="reading">{wording.timesIn(Math.round(told * 100))}</strong>
              {told >= 0.8 ? '.' : enough ? wording.wouldTellItFour(enough) : wording.takeMoreOrFewer}
            </>
          )}
        </p>
        <PowerChart points={power} boards={boards} />
        <p className="text-sm text-soft">
          {wording.madeUpTrialsBy}
          <Why of="fair-test" />
        </p>
      </section>
    </aside>
  );
}
