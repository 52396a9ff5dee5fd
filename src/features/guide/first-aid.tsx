import 'server-only';
import { STOPS } from '@/core/guide';
import { BEFORE, FIRST_AID } from '@/messages/first-aid';
import { firstAid as wording } from '@/messages/screens/guide';
import { shared } from '@/messages/screens/shared';
import { Link } from '@/ui/link';
import { PrintButton } from '@/ui/print-button';
import { session } from '@/web/session';
import { AidNumbers } from './components/aid-numbers';

const NUMBERS = { emergency: 'Emergency', poison: 'Poison centre' } as const;

/** What is done first, on one page to be printed and hung up, with the shop's own numbers. */
export async function FirstAid() {
  const { shop } = await session();
  const number = { emergency: shop.emergencyNumber, poison: shop.poisonNumber };
  return (
    <>
      <p className="reading print:hidden">
        <Link href="/guide">{wording.guide}</Link>
      </p>
      <div className="flex flex-wrap items-center justify-between gap-4">
        <h1>{shared.firstAid}</h1>
        <PrintButton />
      </div>
      <dl className="mt-2 flex flex-wrap gap-x-10 gap-y-2">
        {(['emergency', 'poison'] as const).map((of) => (
          <div key={of}>
            <dt className="label">{NUMBERS[of]}</dt>
            <dd className="reading text-4xl font-semibold">{number[of] || '…………'}</dd>
          </div>
        ))}
      </dl>
      <div className="print:hidden">
        <AidNumbers key={shop.version} emergency={number.emergency} poison={number.poison} version={shop.version} />
      </div>
      <ol className="mt-4 grid gap-x-10 gap-y-3 bench:grid-cols-2">
        {FIRST_AID.map(({ when, act, calls }) => (
          <li key={when} className="border-late border-l-8 bg-paper px-4 py-2">
            <h2 className="text-lg">{when}</h2>
            <p>{act}</p>
            {number[calls] ? (
              <p className="reading font-semibold">
                {NUMBERS[calls]}: {number[calls]}
              </p>
            ) : null}
          </li>
        ))}
      </ol>
      <h2 className="mt-6">{wording.fire}</h2>
      <ul>
        {STOPS.slice(0, 2).map(({ see, act }) => (
          <li key={see} className="border-hair border-b py-1">
            <strong>{see}.</strong> {act}
          </li>
        ))}
      </ul>
      <h2 className="mt-6">{wording.soThatItDoes}</h2>
      <dl className="grid gap-x-10 bench:grid-cols-2">
        {BEFORE.map(({ what, rule }) => (
          <div key={what} className="border-hair border-b py-1">
            <dt className="font-semibold">{what}</dt>
            <dd>{rule}</dd>
          </div>
        ))}
      </dl>
      <p className="mt-4 max-w-prose text-sm text-soft">{wording.theseAreTheUsual}</p>
    </>
  );
}
