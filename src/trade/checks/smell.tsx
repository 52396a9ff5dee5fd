import { type CheckDrawing, INK, Wood } from './drawing';

/** A nose above it: nothing, or a smell that rises. */
export const smell: CheckDrawing = ({ pass }) => (
  <>
    <Wood />
    <path d="M40 4C40 14 30 18 28 26C28 31 34 32 37 30M44 32C48 32 52 30 54 26" fill="none" {...INK} />
    {pass ? null : (
      <path
        d="M12 36C9 30 15 27 12 21M20 36C17 30 23 27 20 21M62 36C59 30 65 27 62 21"
        fill="none"
        {...INK}
        stroke="var(--late)"
      />
    )}
  </>
);
