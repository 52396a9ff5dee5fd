import { findQuestion, findSchool, type GuideWarning } from '@/core/guide';
import { rulesAgainst as wording } from '@/messages/screens/start';
import { Link } from '@/ui/link';

/** Rules of the guide that something goes against, the shop's own with their reasons; each leads to its page. */
export function RulesAgainst({ of }: { readonly of: readonly GuideWarning[] }) {
  if (of.length === 0) return null;
  return (
    <section aria-label={wording.rulesItGoesAgainst} className="mt-4">
      <h2 className="mb-1 text-lg">{wording.against(of.some((one) => one.own) ? wording.yourRules : wording.theHousesChoice)}</h2>
      <ul>
        {of.map(({ question, school, own }) => (
          <li key={question} className="border-hair border-t py-1.5">
            <strong className="text-late">
              ▲ {own ? wording.yourOwnRule : wording.theHousesChoice2}: {findSchool(question, school)?.says}.
            </strong>{' '}
            {own ? `${own.reason} ` : ''}
            <Link href={`/guide/${question}`}>{findQuestion(question)?.asks}</Link>
          </li>
        ))}
      </ul>
    </section>
  );
}
