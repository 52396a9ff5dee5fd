import { EnterForm } from '@/features/settings/components/enter-form';

export default function Enter() {
  return (
    <main className="mx-auto max-w-md px-5 py-16">
      <h1 className="mb-4 text-4xl">Rendle</h1>
      <EnterForm />
    </main>
  );
}
