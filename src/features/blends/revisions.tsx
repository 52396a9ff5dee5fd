import 'server-only';
import { findIngredient } from '@/core/material';
import type { Formula, Revision } from '@/data/blends/queries';
import { revisions as wording } from '@/messages/screens/blends';
import { Link } from '@/ui/link';
import { catalogue } from '@/web/here-catalogue';

type Change = { readonly id: string; readonly before: string; readonly after: string };

const partsOf = (revision: Revision, id: string): string => {
  const parts = revision.lines.find((line) => line.ingredient === id)?.parts;
  return parts === undefined ? '–' : String(parts);
};

/** What changed from one revision to the next, line by line. */
function changes(before: Revision, after: Revision): Change[] {
  const ids = [...new Set([...after.lines, ...before.lines].map((line) => line.ingredient))];
  return ids.map((id) => ({ id, before: partsOf(before, id), after: partsOf(after, id) }));
}

export type Used = {
  readonly lotId: number;
  readonly number: string;
  readonly revision: number;
  readonly batches: readonly string[];
};

/** Earlier revisions line by line, and where the formula was used. */
export function Revisions({ formula, used }: { readonly formula: Formula; readonly used: readonly Used[] }) {
  return (
    <div className="mt-8 grid gap-10 bench:grid-cols-2">
      {formula.revisions.length > 1 ? (
        <section>
          <h2 className="mb-1">{wording.revisionsLineByLine}</h2>
          {formula.revisions.slice(0, -1).map((after, i) => {
            const before = formula.revisions[i + 1];
            if (!before) return null;
            return (
              <table key={after.id} className="mb-4 w-full">
                <caption className="label text-left">
                  {wording.revisionTo(
                    before.number,
                    after.number,
                    before.basis === after.basis
                      ? ''
                      : wording.fromByToBy(
                          before.basis === 'mass' ? wording.weight : wording.volume,
                          after.basis === 'mass' ? wording.weight : wording.volume,
                        ),
                    after.isUsed ? wording.poured : '',
                  )}
                </caption>
                <tbody>
                  {changes(before, after).map((change) => (
                    <tr
                      key={change.id}
                      className={`border-hair border-b ${change.before === change.after ? 'text-soft' : 'font-semibold'}`}
                    >
                      <td className="py-1">{findIngredient(change.id, catalogue())?.name}</td>
                      <td className="reading w-20 py-1 text-right">
                        {change.before === change.after ? change.before : <s>{change.before}</s>}
                      </td>
                      <td className="reading w-20 py-1 text-right">{change.after}</td>
                    </tr>
                  ))}
                </tbody>
              </table>
            );
          })}
        </section>
      ) : null}
      {used.length > 0 ? (
        <section>
          <h2 className="mb-1">{wording.whereUsed}</h2>
          <ul>
            {used.map((one) => (
              <li key={one.lotId} className="border-hair border-b py-1.5">
                <Link href={`/stores/lots/${one.lotId}`} className="reading font-semibold">
                  {one.number}
                </Link>{' '}
                <span className="text-soft">{wording.revision(one.revision)}</span>
                {one.batches.length > 0 ? (
                  <>
                    {wording.on}
                    {one.batches.map((number, i) => (
                      <span key={number}>
                        {i > 0 ? ', ' : ''}
                        <Link href={`/work/${number}`} className="reading">
                          {number}
                        </Link>
                      </span>
                    ))}
                  </>
                ) : null}
              </li>
            ))}
          </ul>
        </section>
      ) : null}
    </div>
  );
}
