import { shared } from '@/messages/screens/shared';
import { findPiece as wording } from '@/messages/screens/trade';
import { linkLook } from '@/ui/button';

/** Looks a piece up by what is chalked on it, its code, or whose it is; a form of an address, which needs no script. */
export const FindPiece = ({ asked = '', year }: { readonly asked?: string; readonly year: number }) => (
  <form action="/piece" className="flex items-end gap-2">
    <label className="flex flex-col">
      <span className="label">{shared.findAPiece}</span>
      <input
        name="find"
        type="search"
        defaultValue={asked}
        placeholder={wording.itsCodeAName(String(year).slice(-2))}
        autoComplete="off"
        className="min-h-11 w-64 border-0 border-ink border-b-2 bg-paper px-3 placeholder:text-soft"
      />
    </label>
    <button type="submit" className={linkLook('plain')}>
      {shared.find}
    </button>
  </form>
);
