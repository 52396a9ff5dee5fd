import { findQuestion, findSchool, type GuideWarning } from '@/core/guide';
import { Link } from '@/ui/link';

/** Rules of the guide that something goes against, the shop's own with their reasons; each leads to its page. */
export function RulesAgainst({ of }: { readonly of: readonly GuideWarning[] }) {
  if (of.length === 0) return null;
  return (
    <section aria-label="Rules it goes against" className="mt-4">
      <h2 className="mb-1 text-lg">Against {of.some((one) => one.own) ? 'your rules' : 'the house’s choice'}</h2>
      <ul>
        {of.map(({ question, school, own }) => (
          <li key={question} className="border-hair border-t py-1.5">
            <strong className="text-late">
              ▲ {own ? 'Your own rule' : 'The house’s choice'}: {findSchool(question, school)?.says}.
            </strong>{' '}
            {own ? `${own.reason} ` : ''}
            <Link href={`/guide/${question}`}>{findQuestion(question)?.asks}</Link>
          </li>
        ))}
      </ul>
    </section>
  );
}
