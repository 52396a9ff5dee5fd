import 'server-only';
import { notFound } from 'next/navigation';
import { findQuestion, findSymptom, type Question, type Symptom } from '@/core/guide';
import { GUIDE_WHERE_WORDS } from '@/messages';
import { Link } from '@/ui/link';
import { PrintButton } from '@/ui/print-button';

/** What a page of the guide is called. */
export const guideTitle = (id: string): string => findQuestion(id)?.asks ?? findSymptom(id)?.says ?? 'Guide';

/** One page of the guide: a question with its sides, or a symptom with its looks. */
export function GuidePage({ id }: { readonly id: string }) {
  const question = findQuestion(id);
  const symptom = findSymptom(id);
  if (!question && !symptom) notFound();
  return (
    <>
      <p className="flex flex-wrap justify-between gap-4">
        <Link href="/guide">Guide</Link>
        <PrintButton />
      </p>
      {question ? <Asked question={question} /> : null}
      {symptom ? <Seen symptom={symptom} /> : null}
    </>
  );
}

function Asked({ question: { asks, sides, chemistry, source, house } }: { readonly question: Question }) {
  return (
    <article className="max-w-prose">
      <h1>{asks}</h1>
      <section className="mt-4 border-ink border-l-8 bg-paper px-4 py-3">
        <h2>The house’s choice</h2>
        <p className="mt-1 text-lg">{house}</p>
      </section>
      <section className="mt-6">
        <h2>What the sides say</h2>
        <p className="mt-1">{sides}</p>
      </section>
      <section className="mt-6">
        <h2>The chemistry behind</h2>
        <p className="mt-1">{chemistry}</p>
        <p className="mt-1 text-soft">To be looked up in: {source}.</p>
      </section>
    </article>
  );
}

function Seen({ symptom: { says, where, looks } }: { readonly symptom: Symptom }) {
  return (
    <article className="max-w-4xl">
      <h1>{says}</h1>
      <p className="label">{GUIDE_WHERE_WORDS[where]}</p>
      <p className="mt-2">Look, touch, smell: which of these is it?</p>
      <ol className="mt-2 flex flex-col gap-3">
        {looks.map(({ tells, cause, back, next }) => (
          <li key={tells} className="border-ink border-l-4 bg-paper px-4 py-3">
            <h2 className="text-base">{tells}</h2>
            <dl className="mt-1 grid gap-x-4 gap-y-1 bench:grid-cols-[8rem_1fr]">
              <dt className="text-soft">It comes from</dt>
              <dd>{cause}</dd>
              <dt className="text-soft">The way back</dt>
              <dd className="font-semibold">{back}</dd>
              <dt className="text-soft">Next time</dt>
              <dd>{next}</dd>
            </dl>
          </li>
        ))}
      </ol>
      <p className="mt-4 text-soft">
        Cloths and pads used with a drying oil, or with its surplus, go on the rag line. Solvent and alcohol only outdoors or in
        strong ventilation, nothing hot near. After any way back the settling or cure clock starts again. Old paint, or a finish
        nobody knows: no dry sanding before it was tested for lead.
      </p>
    </article>
  );
}
