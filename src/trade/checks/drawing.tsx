import type { ReactNode } from 'react';

/** A check as it is seen: how it looks where it passes, and where it does not. */
export type CheckDrawing = (props: { readonly pass: boolean }) => ReactNode;

export const INK = { stroke: 'var(--ink)', strokeWidth: 2, strokeLinecap: 'round', strokeLinejoin: 'round' } as const;

/** The wood that is checked, along the foot of each picture. */
export const Wood = () => <path d="M4 40H68V48H4Z" fill="var(--wax)" fillOpacity={0.35} {...INK} />;
