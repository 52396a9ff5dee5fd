import { groupBy } from '@/core/quantity';
/** An entry of the coat book as far as order and correction go. */
export type BookEntry = {
  readonly clientId: string;
  readonly kind: 'done' | 'left-out' | 'correction' | 'undo';
  readonly at: number;
  readonly recordedAt: number;
  readonly corrects: string | null;
};

/** An entry with what became of it: what stands now in its place, or that it was taken back. */
export type BookLine<E extends BookEntry> = { readonly entry: E; readonly stands: E | null };

/**
 * Reads an append-only book: each first entry with the correction that stands for it (the one recorded last), or null when it was taken back.
 * Entries are ordered by their own time, whatever order they came in.
 */
export function readBook<E extends BookEntry>(entries: readonly E[]): BookLine<E>[] {
  const later = groupBy(entries, (entry) => entry.corrects);
  const standing = (entry: E): E | null => {
    const last = [...(later.get(entry.clientId) ?? [])].sort((a, b) => a.recordedAt - b.recordedAt).at(-1);
    if (!last) return entry;
    return last.kind === 'undo' ? null : standing(last);
  };
  return entries
    .filter((entry) => entry.corrects === null)
    .map((entry) => ({ entry, stands: standing(entry) }))
    .sort((a, b) => (a.stands ?? a.entry).at - (b.stands ?? b.entry).at || a.entry.recordedAt - b.entry.recordedAt);
}
