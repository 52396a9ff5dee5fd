/** Our own small signs for keeping wood, drawn in strokes on a 24 × 24 ground; the screen and the printed slip draw them alike. */
export const PICTOGRAMS = {
  /** A drop that stands on the face: look here first. */
  look: ['M2 19 H22', 'M8 19 C8 14 16 14 16 19', 'M12 3 C9 7 9 10 12 10 C15 10 15 7 12 3'],
  /** A cloth over a face, wiped along the grain. */
  wash: ['M2 19 H22', 'M4 15 C7 11 10 16 13 12 C15 10 18 12 20 15 Z', 'M5 6 V9', 'M9 4 V8', 'M13 5 V8'],
  /** A board on its edge with air on both sides. */
  edge: ['M3 20 H21', 'M10 20 V5 H14 V20', 'M4 8 C6 10 6 12 4 14', 'M20 8 C18 10 18 12 20 14'],
  /** A basin with a board in it, struck out. */
  soak: ['M3 9 C3 19 21 19 21 9', 'M3 12 H21', 'M9 12 V5 H12 V12', 'M4 20 L20 4'],
  /** A flame, struck out. */
  heat: ['M12 3 C7 9 6 12 7 16 C8 20 16 20 17 16 C18 12 14 10 12 3', 'M4 20 L20 4'],
  /** A drop and a circling stroke: renew. */
  renew: ['M2 20 H22', 'M12 4 C9 8 9 11 12 11 C15 11 15 8 12 4', 'M5 16 C8 12 16 12 19 16', 'M19 16 L16 16', 'M19 16 L19 13'],
  /** A slice of wood with what lies on it. */
  on: ['M3 13 H21 V20 H3 Z', 'M3 10 C7 8 10 12 14 10 C17 8 19 10 21 9', 'M7 17 C9 15 12 15 17 17'],
  /** A cloth lying flat and single. */
  cloths: ['M3 17 L7 9 H21 L17 17 Z', 'M8 13 H18', 'M2 21 H22'],
  /** A piece going back through a door. */
  back: ['M13 4 H21 V20 H13', 'M15 12 H3', 'M3 12 L8 7', 'M3 12 L8 17'],
} as const satisfies Readonly<Record<string, readonly string[]>>;
export type Pictogram = keyof typeof PICTOGRAMS;
