/** Colour and pattern of each family: never one without the other. */
const FAMILIES: Readonly<Record<string, { readonly colour: string; readonly pattern: string }>> = {
  'never-dry-oil': {
    colour: 'var(--never)',
    pattern: 'repeating-linear-gradient(0deg, transparent 0 5px, rgb(255 255 255 / .28) 5px 7px)',
  },
  'culinary-oil': {
    colour: 'var(--plain)',
    pattern: 'repeating-linear-gradient(0deg, transparent 0 3px, rgb(255 255 255 / .3) 3px 5px)',
  },
  'drying-oil': {
    colour: 'var(--moss)',
    pattern: 'repeating-linear-gradient(90deg, transparent 0 6px, rgb(255 255 255 / .26) 6px 8px)',
  },
  wax: { colour: 'var(--wax)', pattern: 'radial-gradient(rgb(255 255 255 / .34) 1.4px, transparent 1.8px) 0 0 / 8px 8px' },
  solvent: {
    colour: 'var(--solvent)',
    pattern: 'repeating-linear-gradient(45deg, transparent 0 4px, rgb(255 255 255 / .34) 4px 6px)',
  },
  resin: { colour: 'var(--resin)', pattern: 'repeating-linear-gradient(-45deg, transparent 0 7px, rgb(0 0 0 / .22) 7px 9px)' },
};
const OTHER = {
  colour: 'var(--rest)',
  pattern: 'repeating-linear-gradient(90deg, transparent 0 2px, rgb(255 255 255 / .3) 2px 3px)',
};

/** The plain colour of a family, for a picture with a figure beside it. */
export const familyColour = (family: string): string => (FAMILIES[family] ?? OTHER).colour;

/** A family as a background, for what is drawn of it. */
export function familyFill(family: string): { readonly background: string } {
  const { colour, pattern } = FAMILIES[family] ?? OTHER;
  return { background: `${pattern}, ${colour}` };
}

/** A small swatch of a family, beside its name. */
export function FamilySwatch({ family }: { readonly family: string }) {
  return <span aria-hidden="true" className="inline-block h-5 w-8 shrink-0" style={familyFill(family)} />;
}
