type At = { readonly index?: number; readonly x?: string | number; readonly y?: string | number };

/** What a line of a chart is called, in a letter at its last point; for a chart's `label`. */
export const endLetter = (letter: string, last: number) => (at: At) =>
  at.index === last ? (
    <text key={letter} x={Number(at.x) + 9} y={Number(at.y) + 5} fontSize="15" fontWeight="700" fill="var(--ink)">
      {letter}
    </text>
  ) : (
    <g key={`${letter}-${at.index}`} />
  );
