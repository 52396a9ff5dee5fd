import { linkLook } from '@/ui/button';

/** Looks a piece up by what is chalked on it, its code, or whose it is; a form of an address, which needs no script. */
export const FindPiece = ({ asked = '', year }: { readonly asked?: string; readonly year: number }) => (
  <form action="/piece" className="flex items-end gap-2">
    <label className="flex flex-col">
      <span className="label">Find a piece</span>
      <input
        name="find"
        type="search"
        defaultValue={asked}
        placeholder={`${String(year).slice(-2)}-001/2, its code, a name`}
        autoComplete="off"
        className="min-h-11 w-64 border-0 border-ink border-b-2 bg-paper px-3 placeholder:text-soft"
      />
    </label>
    <button type="submit" className={linkLook('plain')}>
      Find
    </button>
  </form>
);
