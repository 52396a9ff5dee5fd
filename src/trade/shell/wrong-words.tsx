import { wrongWords as wording } from '@/messages/screens/trade';
export type Wrong = { readonly address: string; readonly wrong: number; readonly last: string; readonly until: string | null };

/** Wrong passcodes of the last quarter of an hour; said where someone of the shop will see it. */
export function WrongWords({ lately }: { readonly lately: readonly Wrong[] }) {
  if (lately.length === 0) return null;
  return (
    <ul className="no-print mb-2 border-late border-l-4 pl-3">
      {lately.slice(0, 3).map(({ address, wrong, last, until }) => (
        <li key={address}>
          {wording.from(wrong === 1 ? wording.aWrongPasscode : wording.wrongPasscodes(wrong))}
          <span className="reading">{address}</span>
          {wording.theLastAt(last, until ? wording.nobodyNewComesIn(until) : '')}
        </li>
      ))}
    </ul>
  );
}
