import { type CheckDrawing, INK, Wood } from './drawing';

/** Paper pressed on: clean, or stained. */
export const towel: CheckDrawing = ({ pass }) => (
  <>
    <Wood />
    <path d="M14 38L18 8H54L58 38Z" fill="var(--paper)" {...INK} />
    {pass ? null : (
      <path d="M28 30C24 22 32 16 38 20C46 18 48 28 42 31C38 35 31 35 28 30Z" fill="var(--wax)" fillOpacity={0.75} />
    )}
  </>
);
