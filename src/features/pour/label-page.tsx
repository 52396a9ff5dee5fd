import 'server-only';
import { notFound } from 'next/navigation';
import { lotOf } from '@/data/stores/queries';
import { labelPage as wording } from '@/messages/screens/pour';
import { codePng } from '@/print/code';
import { Link } from '@/ui/link';
import { session } from '@/web/session';
import { LabelForm } from './components/label-form';
import { labelFor, labelLanguage } from './label-routes';

/** Labels for one lot: as many as there are tins, on a sheet or one by one. */
export async function LabelPage({ id, lang }: { readonly id: number; readonly lang?: string }) {
  const { db, shop } = await session();
  const lot = lotOf(db, id);
  const label = labelFor(db, shop, id, labelLanguage(lang ?? null));
  if (!lot || !label) notFound();
  return (
    <>
      <p className="reading">
        <Link href={`/stores/lots/${id}`}>{lot.number}</Link>
      </p>
      <h1 className="mb-4">{wording.labelsFor(lot.title)}</h1>
      <LabelForm lotId={id} label={label} code={await codePng(label.code)} count={lot.countLeft ?? 1} />
    </>
  );
}
