import 'server-only';
import { ragNotice as wording } from '@/messages/screens/work';
import { Link } from '@/ui/link';
import { PrintButton } from '@/ui/print-button';
import { session } from '@/web/session';

const RULES = [
  wording.clothsPaperPadsGlovesBrushes,
  wording.layEachFlatAndSingle,
  wording.orPutAllOfIt,
  wording.neverInAHeapNever,
  wording.withSolventInThemOutdoors,
  wording.sayInRendleHowThey,
] as const;

/** The notice for the wall: why oily cloths burn, and what to do with them. */
export async function RagNotice() {
  const { shop } = await session();
  return (
    <main className="mx-auto max-w-3xl p-8">
      <div className="no-print mb-6 flex gap-4">
        <PrintButton />
        <Link href="/" className="inline-flex min-h-11 items-center">
          {wording.today}
        </Link>
      </div>
      <p className="border-late border-y-8 py-4 text-center text-5xl font-bold leading-tight">{wording.oilyClothsSetFire}</p>
      <p className="mt-6 text-2xl">{wording.clothsWithADrying}</p>
      <ol className="mt-6 list-decimal pl-8 text-2xl leading-10">
        {RULES.map((rule) => (
          <li key={rule} className="mb-3">
            {rule}
          </li>
        ))}
      </ol>
      <p className="mt-8 text-lg text-soft">{wording.rulesForOilyWaste(shop.name)}</p>
    </main>
  );
}
