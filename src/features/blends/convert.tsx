import 'server-only';
import { convert as wording } from '@/messages/screens/blends';
import { session } from '@/web/session';
import { ConvertForm } from './components/convert-form';

/** A page of its own for the phone at the shelf. */
export async function Convert() {
  await session();
  return (
    <>
      <h1 className="mb-1">{wording.weightAndVolume}</h1>
      <p className="mb-4 max-w-prose text-soft">{wording.fourThingsAreCalled}</p>
      <ConvertForm />
    </>
  );
}
