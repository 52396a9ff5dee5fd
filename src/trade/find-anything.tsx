import { findAnything as wording } from '@/messages/screens/trade';
import { linkLook } from '@/ui/button';

type Props = {
  /** The address that answers. */
  readonly action: string;
  readonly label: string;
  readonly placeholder: string;
  readonly asked: string;
};

/** A question in any words; a form of an address, which needs no script. */
export const SearchForm = ({ action, label, placeholder, asked }: Props) => (
  <form action={action} className="flex items-end gap-2">
    <label className="flex flex-col">
      <span className="label">{label}</span>
      <input
        name="words"
        type="search"
        defaultValue={asked}
        placeholder={placeholder}
        autoComplete="off"
        maxLength={200}
        className="min-h-11 w-72 border-0 border-ink border-b-2 bg-paper px-3 placeholder:text-soft"
      />
    </label>
    <button type="submit" className={linkLook('plain')}>
      {wording.search}
    </button>
  </form>
);

/** Asks the whole shop by any word. */
export const FindAnything = ({ asked = '' }: { readonly asked?: string }) => (
  <SearchForm action="/find" label={wording.findBatchesNotesFormulas} placeholder={wording.whatDidIDo} asked={asked} />
);
