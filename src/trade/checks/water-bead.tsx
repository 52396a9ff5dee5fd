import { type CheckDrawing, INK, Wood } from './drawing';

/** A drop on it: round, or flat and sunk in. */
export const waterBead: CheckDrawing = ({ pass }) => (
  <>
    <Wood />
    {pass ? (
      <path d="M24 40C20 30 28 24 36 24C44 24 52 30 48 40Z" fill="var(--wet)" fillOpacity={0.45} {...INK} />
    ) : (
      <>
        <path d="M16 40C24 36 48 36 56 40Z" fill="var(--wet)" fillOpacity={0.45} {...INK} />
        <path d="M20 41C26 47 46 47 52 41Z" fill="var(--ink)" fillOpacity={0.7} />
      </>
    )}
  </>
);
