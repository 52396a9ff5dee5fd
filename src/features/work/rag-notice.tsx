import 'server-only';
import { ragNotice as wording } from '@/messages/screens/work';
import { Link } from '@/ui/link';
import { PrintButton } from '@/ui/print-button';
import { session } from '@/web/session';

const RULES = [
  'Cloths, paper, pads, gloves, brushes and oil-soaked dust: all of it counts.',
  'Lay each flat and single, on metal, on stone or outdoors, until it is dry and stiff.',
  'Or put all of it under water in a metal can with a lid.',
  'Never in a heap, never in a bin, never in a pocket, never hot-washed or tumble-dried.',
  'With solvent in them: outdoors, no flame or spark near, and never burnt.',
  'Say in Rendle how they lie before you leave; look at them the next morning.',
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
