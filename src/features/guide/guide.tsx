import 'server-only';
import { findInGuide, findQuestion, findSchool, findSymptom, QUESTIONS, STOPS, SYMPTOMS, WHERES } from '@/core/guide';
import { ownRules } from '@/data/guide/rules';
import { GUIDE_WHERE_WORDS } from '@/messages';
import { guide as wording } from '@/messages/screens/guide';
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
        <h1>{wording.guide}</h1>
        <SearchForm action="/guide" label={wording.whatDoYouSee} placeholder={wording.stickyAfterAWeek} asked={asked} />
      </div>
      {asked === '' ? <StopFirst /> : null}
      <KeepGuide
        pages={['/guide', ...QUESTIONS.map((one) => `/guide/${one.id}`), ...SYMPTOMS.map((one) => `/guide/${one.id}`)]}
      />
      {found.length === 0 ? (
        <p className="mt-4 max-w-prose">
          {wording.nothingInTheGuide(asked)}
          <Link href="/guide">{wording.showAll}</Link>
        </p>
      ) : null}
      <div className="mt-6 grid gap-x-12 gap-y-8 bench:grid-cols-2">
        {symptoms.length > 0 ? (
          <section>
            <h2>{wording.whatDoYouSee2}</h2>
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
            <h2>{wording.whatMakersDisagreeOn}</h2>
            <ul className="mt-3">
              {questions.map((one) => (
                <li key={one.id} className="border-hair border-b">
                  <Link href={`/guide/${one.id}`} className="flex min-h-11 items-center no-underline hover:underline">
                    {one.asks}
                  </Link>
                  {own.has(one.id) ? (
                    <p className="-mt-2 pb-2 text-sm">
                      <span className="text-fit">{wording.ours}</span> {findSchool(one.id, own.get(one.id)?.school ?? '')?.says}
                    </p>
                  ) : null}
                </li>
              ))}
            </ul>
          </section>
        ) : null}
      </div>
      {asked === '' ? (
        <p className="mt-8 text-soft">{wording.thingsOneSeesQuestions(SYMPTOMS.length, QUESTIONS.length)}</p>
      ) : null}
    </>
  );
}

/** What cannot wait until it is looked up. */
function StopFirst() {
  return (
    <section className="mt-4 border-late border-l-8 bg-paper px-4 py-3">
      <h2 className="text-late">{wording.beforeAnythingStopAnd}</h2>
      <dl className="mt-1 grid gap-x-6 gap-y-2 bench:grid-cols-[16rem_1fr]">
        {STOPS.map(({ see, act }) => (
          <div key={see} className="contents">
            <dt className="font-semibold">{see}</dt>
            <dd>{act}</dd>
          </div>
        ))}
      </dl>
      <p className="mt-2">
        <Link href="/guide/first-aid">{wording.firstAidToPrint}</Link>
      </p>
    </section>
  );
}
