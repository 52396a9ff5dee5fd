import { linkLook } from '@/ui/button';

/** Asks the whole shop by any word; a form of an address, which needs no script. */
export const FindAnything = ({ asked = '' }: { readonly asked?: string }) => (
  <form action="/find" className="flex items-end gap-2">
    <label className="flex flex-col">
      <span className="label">Find batches, notes, formulas, lots, buyers</span>
      <input
        name="words"
        type="search"
        defaultValue={asked}
        placeholder="what did I do on the plum bowls?"
        autoComplete="off"
        maxLength={200}
        className="min-h-11 w-72 border-0 border-ink border-b-2 bg-paper px-3 placeholder:text-soft"
      />
    </label>
    <button type="submit" className={linkLook('plain')}>
      Search
    </button>
  </form>
);
