import 'server-only';
import { findInGuide, findQuestion, findSchool, findSymptom, QUESTIONS, STOPS, SYMPTOMS, WHERES } from '@/core/guide';
import { ownRules } from '@/data/guide/rules';
import { GUIDE_WHERE_WORDS } from '@/messages';
import { SearchForm } from '@/trade/find-anything';
import { Link } from '@/ui/link';
import { session } from '@/web/session';
import { KeepGuide } from './components/keep-guide';

/** The guide: what to do at once, what one sees and where it comes from, and what makers disagree on. */
export async function Guide({ asked }: { readonly asked: string }) {
  const { db } = await session();
  const own = new Map(ownRules(db).map((one) => [one.question, one]));
  const found = findInGuide(asked);
  const questions = found.flatMap((id) => findQuestion(id) ?? []);
  const symptoms = found.flatMap((id) => findSymptom(id) ?? []);
  return (
    <>
      <div className="flex flex-wrap items-end justify-between gap-4">
        <h1>Guide</h1>
        <SearchForm
          action="/guide"
          label="What do you see, or what is the question?"
          placeholder="sticky after a week"
          asked={asked}
        />
      </div>
      {asked === '' ? <StopFirst /> : null}
      <KeepGuide
        pages={['/guide', ...QUESTIONS.map((one) => `/guide/${one.id}`), ...SYMPTOMS.map((one) => `/guide/${one.id}`)]}
      />
      {found.length === 0 ? (
        <p className="mt-4 max-w-prose">
          Nothing in the guide says “{asked}”. Try what you see, feel or smell: sticky, fuzz, ring, smell, crack.{' '}
          <Link href="/guide">Show all</Link>
        </p>
      ) : null}
      <div className="mt-6 grid gap-x-12 gap-y-8 bench:grid-cols-2">
        {symptoms.length > 0 ? (
          <section>
            <h2>What do you see?</h2>
            {WHERES.map((where) => {
              const here = symptoms.filter((one) => one.where === where);
              if (here.length === 0) return null;
              return (
                <div key={where} className="mt-3">
                  <h3 className="label">{GUIDE_WHERE_WORDS[where]}</h3>
                  <ul className="grid gap-x-6 wide:grid-cols-2">
                    {here.map((one) => (
                      <li key={one.id} className="border-hair border-b">
                        <Link href={`/guide/${one.id}`} className="flex min-h-11 items-center no-underline hover:underline">
                          {one.says}
                        </Link>
                      </li>
                    ))}
                  </ul>
                </div>
              );
            })}
          </section>
        ) : null}
        {questions.length > 0 ? (
          <section>
            <h2>What makers disagree on</h2>
            <ul className="mt-3">
              {questions.map((one) => (
                <li key={one.id} className="border-hair border-b">
                  <Link href={`/guide/${one.id}`} className="flex min-h-11 items-center no-underline hover:underline">
                    {one.asks}
                  </Link>
                  {own.has(one.id) ? (
                    <p className="-mt-2 pb-2 text-sm">
                      <span className="text-fit">● Ours:</span> {findSchool(one.id, own.get(one.id)?.school ?? '')?.says}
                    </p>
                  ) : null}
                </li>
              ))}
            </ul>
          </section>
        ) : null}
      </div>
      {asked === '' ? (
        <p className="mt-8 text-soft">
          {SYMPTOMS.length} things one sees, {QUESTIONS.length} questions. The house says what it prefers and why; your shop may
          choose otherwise. Rules named here differ by place: follow your local code.
        </p>
      ) : null}
    </>
  );
}

/** What cannot wait until it is looked up. */
function StopFirst() {
  return (
    <section className="mt-4 border-late border-l-8 bg-paper px-4 py-3">
      <h2 className="text-late">▲ Before anything: stop and act</h2>
      <dl className="mt-1 grid gap-x-6 gap-y-2 bench:grid-cols-[16rem_1fr]">
        {STOPS.map(({ see, act }) => (
          <div key={see} className="contents">
            <dt className="font-semibold">{see}</dt>
            <dd>{act}</dd>
          </div>
        ))}
      </dl>
      <p className="mt-2">
        <Link href="/guide/first-aid">First aid, to print</Link>
      </p>
    </section>
  );
}
