import 'server-only';
import { session } from '@/web/session';
import { ConvertForm } from './components/convert-form';

/** A page of its own for the phone at the shelf. */
export async function Convert() {
  await session();
  return (
    <>
      <h1 className="mb-1">Weight and volume</h1>
      <p className="mb-4 max-w-prose text-soft">
        Four things are called an ounce: by weight, US fluid, imperial fluid, and the one on the label that does not say. A fluid
        ounce of oil weighs less than an ounce.
      </p>
      <ConvertForm />
    </>
  );
}
