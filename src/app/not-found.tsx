import { Link } from '@/ui/link';

export default function NotFound() {
  return (
    <main className="mx-auto max-w-xl px-5 py-16">
      <h1 className="mb-3">This is not here</h1>
      <p className="mb-4">It was moved, or the address has a slip in it.</p>
      <Link href="/" className="font-semibold">
        To today
      </Link>
    </main>
  );
}
