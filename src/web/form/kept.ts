/** What was typed into a form and not saved yet, kept over a reload and the back button: for this tab, or where it lasts for days, on this device. */

type Kept = { readonly base: string; readonly values: unknown; readonly act?: string };
export type KeptAs = { readonly name: string; readonly lasting: boolean };

const keyOf = ({ name }: KeptAs): string => `rendle-form ${name}`;
const storeOf = ({ lasting }: KeptAs): Storage => (lasting ? localStorage : sessionStorage);

/** What was typed before, where the form still begins from the same; null else: what has changed since is not written over. */
export function recall<V>(as: KeptAs, base: V): { readonly values: V; readonly act: string | null } | null {
  try {
    const kept = JSON.parse(storeOf(as).getItem(keyOf(as)) ?? 'null') as Kept | null;
    return kept !== null && kept.base === JSON.stringify(base) ? { values: kept.values as V, act: kept.act ?? null } : null;
  } catch {
    // Nothing that can be read: the form begins anew.
    return null;
  }
}

export function remember<V>(as: KeptAs, base: V, values: V, act: string): void {
  try {
    storeOf(as).setItem(keyOf(as), JSON.stringify({ base: JSON.stringify(base), values, act } satisfies Kept));
  } catch {
    // A full device keeps no drafts; what is typed stands on the screen all the same.
  }
}

export const forget = (as: KeptAs): void => storeOf(as).removeItem(keyOf(as));
