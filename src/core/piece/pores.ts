/** Density of wood without its hollows, kg/m³, and the share of the hollows that finish can fill. Source: wood science; the share is a working estimate. */
export const WALLS_KG_PER_M3 = 1500;
export const FILLS_SHARE = 0.9;

/** Millilitres the pores of a piece hold at most: `volume · (1 − density/1500) · 0.9`; 0 for a wood denser than that. */
export const poresMl = (volumeMl: number, densityKgPerM3: number): number =>
  Math.max(0, volumeMl * (1 - densityKgPerM3 / WALLS_KG_PER_M3) * FILLS_SHARE);
