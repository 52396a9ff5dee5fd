import { type CheckDrawing, INK, Wood } from './drawing';

/** A finger drawn along: smooth, or with threads that pull. */
export const touch: CheckDrawing = ({ pass }) => (
  <>
    <Wood />
    <path d="M58 2L34 26C30 31 26 32 24 29C22 26 25 22 28 18L42 2Z" fill="var(--paper)" {...INK} />
    {pass ? (
      <path d="M10 36H20M34 36H58" fill="none" {...INK} strokeDasharray="2 5" />
    ) : (
      <path d="M24 30L20 40M28 31L27 40M32 29L36 40" fill="none" {...INK} stroke="var(--late)" />
    )}
  </>
);
