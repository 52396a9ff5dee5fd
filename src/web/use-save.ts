'use client';

import { useRouter } from 'next/navigation';
import { useCallback, useState } from 'react';
import { useSave as wording } from '@/messages/screens/web';
import type { Answer } from './act';

export type Save<T> = {
  readonly busy: boolean;
  readonly faults: Readonly<Record<string, string>>;
  /** Faults that no field of the form claims, for the line above its button. */
  readonly rest: (claimed: readonly string[]) => string[];
  readonly run: (call: () => Promise<Answer<T>>, then?: (value: T) => void) => Promise<void>;
};

/** Saving a form: what was typed stays, faults go to their fields, pages are told when it worked. */
export function useSave<T = void>(): Save<T> {
  const router = useRouter();
  const [busy, setBusy] = useState(false);
  const [faults, setFaults] = useState<Readonly<Record<string, string>>>({});
  const run = useCallback(
    async (call: () => Promise<Answer<T>>, then?: (value: T) => void) => {
      setBusy(true);
      try {
        const answer = await call();
        setFaults(answer.ok ? {} : answer.faults);
        if (answer.ok) {
          then?.(answer.value);
          router.refresh();
        }
      } catch {
        void import('./away').then(({ lookAtDoor }) => lookAtDoor()).catch(() => undefined);
        setFaults({ '': wording.theShopsFileDid });
      }
      setBusy(false);
    },
    [router],
  );
  const rest = (claimed: readonly string[]): string[] =>
    Object.entries(faults)
      .filter(([path]) => !claimed.includes(path))
      .map(([, text]) => text);
  return { busy, faults, rest, run };
}
