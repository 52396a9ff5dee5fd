import { useMemo } from 'react';
import { type Brief, inFull, type Regimen } from '@/core/regimen';

/** A regimen as a form offers it. */
export type RegimenChoice = Regimen & { readonly revisionId: number };

/** What a form is given, with its regimens as they are sent to a browser. */
export type AsSent<P extends { readonly regimens: readonly RegimenChoice[] }> = Omit<P, 'regimens'> & {
  readonly regimens: readonly Brief<RegimenChoice>[];
};

/** Regimens that were sent, in full. */
export const useRegimens = (sent: AsSent<{ regimens: readonly RegimenChoice[] }>['regimens']): readonly RegimenChoice[] =>
  useMemo(() => sent.map((one) => inFull<RegimenChoice>(one)), [sent]);
