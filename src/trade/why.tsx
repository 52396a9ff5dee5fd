import { why as wording } from '@/messages/screens/trade';
import { Link } from '@/ui/link';

/** From a choice that makers disagree on to its page in the guide. */
export const Why = ({ of }: { readonly of: string }) => (
  <Link href={`/guide/${of}`} className="inline-flex min-h-11 items-center text-sm">
    {wording.why}
  </Link>
);
