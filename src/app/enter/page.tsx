import { cookies } from 'next/headers';
import { redirect } from 'next/navigation';
import { EnterForm } from '@/features/settings/components/enter-form';
import { pages as wording } from '@/messages/screens/app';
import { ForgetShop } from '@/trade/shell/forget-shop';
import { deviceCookie, visitor } from '@/web/door';

export default async function Enter() {
  const who = visitor((await cookies()).get(deviceCookie())?.value);
  if (who !== null && who !== 'free') redirect('/');
  return (
    <main className="mx-auto max-w-md px-5 py-16">
      <h1 className="mb-4 text-4xl">{wording.rendle}</h1>
      {who === null ? <ForgetShop /> : null}
      <EnterForm />
    </main>
  );
}
