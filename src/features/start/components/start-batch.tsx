'use client';

import { startBatch as wording } from '@/messages/screens/start';
import { WhatLiesWhere } from '@/trade/drawing/what-lies-where';
import { type AsSent, useRegimens } from '@/trade/use-regimens';
import { GatesAhead } from './gates-ahead';
import { NeedsPanel } from './needs';
import { OverYears } from './over-years';
import { PlanPreview } from './plan-preview';
import { RulesAgainst } from './rules-against';
import { StartFieldset } from './start-fields';
import { type Start, type StartProps, useStart } from './use-start';

/** Design, wood, regimen and lots; what it will take and when it will be done stands beside them at once. */
export function StartBatch(sent: AsSent<StartProps>) {
  const props: StartProps = { ...sent, regimens: useRegimens(sent.regimens) };
  const of = useStart(props);
  return (
    <div className="grid gap-10 wide:grid-cols-[minmax(0,1fr)_minmax(0,1.25fr)]">
      <StartFieldset {...props} of={of} />
      <Outlook {...props} of={of} />
    </div>
  );
}

type Props = StartProps & { readonly of: Start };

/** How high the plan will stand, rem: its heading and words, and a line for each step. What comes below it stays where it is. */
const PLAN_REM = 6.2;
const LINE_REM = 2.05;

/** When it can be promised, what release will ask, and what it takes of each lot. */
function Outlook({ lots, zone, initials, currency, of: { form, chosen, tree, ahead, outlook, warnings } }: Props) {
  const { promised, needs, dueMs, meetsFood, pieces, sets } = outlook;
  return (
    <section aria-label={wording.whatItWillTake} aria-live="polite">
      {promised?.offer ? (
        <PlanPreview
          offer={promised.offer}
          pieces={pieces}
          dueMs={dueMs}
          meetsFood={meetsFood}
          sets={sets}
          zone={zone}
          initials={initials}
        />
      ) : promised ? (
        <p className="border-late border-l-4 pl-3">▲ {promised.fault}</p>
      ) : (
        <p
          className="text-soft"
          style={needs?.ok ? { minHeight: `${PLAN_REM + LINE_REM * (chosen.regimen?.steps.length ?? 0)}rem` } : {}}
        >
          {needs?.ok ? wording.theShopsPlanIs : wording.withADesignA}
        </p>
      )}
      <RulesAgainst of={warnings} />
      {ahead && chosen.isMixed ? <h2 className="mt-4 mb-1 text-lg">{wording.whatReleaseWillAsk}</h2> : null}
      {ahead?.map(({ kind, gates, notForFood }, i) => (
        <GatesAhead
          key={`${kind.design.name} ${kind.timber.id} ${kind.design.uses.join()}`}
          of={chosen.isMixed ? `${kind.count} ${kind.timber.name.toLowerCase()} ${kind.design.name.toLowerCase()}` : undefined}
          gates={gates}
          notForFood={notForFood}
          asks={tree.asked && i === 0 ? wording.sayWhichTreeIt : null}
          nameOf={(id) => {
            const lot = lots.find((one) => one.id === id);
            return lot ? `${lot.number} ${lot.title}` : '';
          }}
        />
      ))}
      {chosen.shape && chosen.regimen ? (
        <WhatLiesWhere
          geometry={chosen.shape.geometry}
          name={chosen.shape.name}
          speciesId={chosen.timber?.id}
          steps={chosen.regimen.steps}
          slots={chosen.regimen.slots}
          uses={chosen.shape.uses}
        />
      ) : null}
      {chosen.drawn && chosen.timber && chosen.regimen && !chosen.isMixed ? (
        <OverYears
          designRevisionId={chosen.drawn.revisionId}
          speciesId={chosen.timber.id}
          regimenRevisionId={chosen.regimen.revisionId}
          lots={form.values.materials}
          currency={currency}
        />
      ) : null}
      {needs?.ok ? <NeedsPanel needs={needs.value} regimen={chosen.regimen} pieces={pieces} currency={currency} /> : null}
    </section>
  );
}
