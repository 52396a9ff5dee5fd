import type { CheckKind } from '@/core/cure';

const INK = { stroke: 'var(--ink)', strokeWidth: 2, strokeLinecap: 'round', strokeLinejoin: 'round' } as const;
/** The wood that is checked, along the foot of each picture. */
const Wood = () => <path d="M4 40H68V48H4Z" fill="var(--wax)" fillOpacity={0.35} {...INK} />;

function Paper({ pass }: { readonly pass: boolean }) {
  return (
    <>
      <Wood />
      <path d="M14 38L18 8H54L58 38Z" fill="var(--paper)" {...INK} />
      {pass ? null : (
        <path d="M28 30C24 22 32 16 38 20C46 18 48 28 42 31C38 35 31 35 28 30Z" fill="var(--wax)" fillOpacity={0.75} />
      )}
    </>
  );
}

function Nose({ pass }: { readonly pass: boolean }) {
  return (
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
}

function Finger({ pass }: { readonly pass: boolean }) {
  return (
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
}

function Drop({ pass }: { readonly pass: boolean }) {
  return (
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
}

const PICTURES: Readonly<Record<CheckKind, (props: { readonly pass: boolean }) => React.ReactNode>> = {
  towel: Paper,
  smell: Nose,
  touch: Finger,
  'water-bead': Drop,
};

/** A check and how it came out, as it is seen. It stands beside its words. */
export function CheckPicture({ kind, pass }: { readonly kind: CheckKind; readonly pass: boolean }) {
  const Picture = PICTURES[kind];
  return (
    <svg aria-hidden="true" viewBox="0 0 72 52" className="h-14 w-20">
      <Picture pass={pass} />
    </svg>
  );
}
