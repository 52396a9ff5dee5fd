import type { Trace, TraceLot } from '@/data/trace/queries';
import { traceDrawing as wording } from '@/messages/screens/stores';

const COLUMN = 200;
const ROW = 46;
const BOX = { w: 158, h: 36 };
const MOST_ROWS = 14;

type Node = {
  readonly key: string;
  readonly title: string;
  readonly under: string;
  readonly tone: string;
  readonly dashed: boolean;
};
type PlacedNode = Node & { readonly x: number; readonly y: number };

const lotNode = (lot: TraceLot): Node => ({
  key: `lot-${lot.id}`,
  title: lot.number,
  under: lot.what,
  tone: lot.held ? 'var(--late)' : lot.way === 'self' ? 'var(--ink)' : 'var(--soft)',
  dashed: lot.kind === 'bath',
});

/** Columns from what went in, by way of the lot, to what it went into and who has it; at most so many rows, the rest counted. */
function columns(trace: Trace): Node[][] {
  const at = (way: TraceLot['way'], depth: number): Node[] =>
    trace.lots.filter((lot) => lot.way === way && lot.depth === depth).map(lotNode);
  const deepest = (way: TraceLot['way']): number =>
    Math.max(0, ...trace.lots.filter((lot) => lot.way === way).map((lot) => lot.depth));
  const back = Array.from({ length: deepest('back') }, (_, i) => at('back', deepest('back') - i));
  const on = Array.from({ length: deepest('on') }, (_, i) => at('on', i + 1));
  const batches = trace.batches.map((batch): Node => {
    const pieces = trace.pieces.filter((piece) => piece.batchId === batch.id);
    const sold = pieces.filter((piece) => piece.soldOn !== null).length;
    return {
      key: `batch-${batch.id}`,
      title: batch.number,
      under: batch.planned ? wording.plannedPieces(batch.pieces) : wording.piecesSold(pieces.length, sold),
      tone: batch.planned ? 'var(--soft)' : 'var(--wet)',
      dashed: batch.planned,
    };
  });
  const gone = trace.tins.map(
    (tin, i): Node => ({
      key: `tin-${tin.lotId}-${i}`,
      title: tin.count === 1 ? wording.tin : wording.tins(tin.count),
      under: tin.buyer ?? 'sold',
      tone: 'var(--wet)',
      dashed: false,
    }),
  );
  return [...back, at('self', 0), ...on, [...batches, ...gone]].filter((column) => column.length > 0);
}

/** What a lot came from and where it went, left to right. */
export function TraceDrawing({ trace }: { readonly trace: Trace }) {
  const cols = columns(trace);
  const rows = Math.min(MOST_ROWS + 1, Math.max(...cols.map((column) => column.length)));
  const placed: PlacedNode[] = cols.flatMap((column, c) =>
    column.slice(0, MOST_ROWS).map((node, r) => ({
      ...node,
      x: c * COLUMN + 4,
      y: r * ROW + (Math.max(0, rows - Math.min(column.length, MOST_ROWS)) * ROW) / 2 + 4,
    })),
  );
  const find = (key: string): PlacedNode | undefined => placed.find((node) => node.key === key);
  const links = [
    ...trace.edges.map((edge) => [find(`lot-${edge.from}`), find(`lot-${edge.into}`)] as const),
    ...trace.batches.map((batch) => [find(`lot-${batch.lotId}`), find(`batch-${batch.id}`)] as const),
    ...trace.tins.map((tin, i) => [find(`lot-${tin.lotId}`), find(`tin-${tin.lotId}-${i}`)] as const),
  ];
  const [width, height] = [cols.length * COLUMN, rows * ROW + 8];
  const hidden = cols.reduce((sum, column) => sum + Math.max(0, column.length - MOST_ROWS), 0);
  return (
    <figure className="overflow-x-auto">
      <svg
        viewBox={`0 0 ${width} ${height}`}
        style={{ width, maxWidth: 'none' }}
        role="img"
        aria-label={wording.traceLotsBatchesPieces(trace.lots.length, trace.batches.length, trace.pieces.length)}
      >
        {links.map(([from, into]) =>
          from && into ? (
            <path
              key={`${from.key}-${into.key}`}
              d={`M${from.x + BOX.w} ${from.y + BOX.h / 2}C${from.x + BOX.w + 26} ${from.y + BOX.h / 2} ${into.x - 26} ${into.y + BOX.h / 2} ${into.x} ${into.y + BOX.h / 2}`}
              fill="none"
              stroke="var(--rule)"
              strokeWidth={2}
            />
          ) : null,
        )}
        {placed.map((node) => (
          <g key={node.key}>
            <rect
              x={node.x}
              y={node.y}
              width={BOX.w}
              height={BOX.h}
              fill="var(--paper)"
              stroke={node.tone}
              strokeWidth={node.tone === 'var(--soft)' ? 1 : 2.5}
              strokeDasharray={node.dashed ? '5 3' : undefined}
            />
            <text x={node.x + 8} y={node.y + 15} fontSize={13} fontWeight={650} fill="var(--ink)" className="reading">
              {node.title}
            </text>
            <text x={node.x + 8} y={node.y + 29} fontSize={11.5} fill="var(--soft)">
              {node.under.length > 25 ? `${node.under.slice(0, 24)}…` : node.under}
            </text>
          </g>
        ))}
      </svg>
      {hidden > 0 ? <figcaption className="text-sm text-soft">{wording.moreDoNotFit(hidden)}</figcaption> : null}
    </figure>
  );
}
