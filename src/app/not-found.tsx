import { pages as wording } from '@/messages/screens/app';
import { Link } from '@/ui/link';

export default function NotFound() {
  return (
    <main className="mx-auto max-w-xl px-5 py-16">
      <h1 className="mb-3">{wording.thisIsNotHere}</h1>
      <p className="mb-4">{wording.itWasMovedOr}</p>
      <Link href="/" className="font-semibold">
        {wording.toToday}
      </Link>
    </main>
  );
}
