import { familyFill } from '@/ui/family';

export type PotLayer = {
  readonly id: string;
  readonly family: string;
  /** Shares of the whole pot. */
  readonly poured: number;
  readonly target: number;
};

/** The pot as it fills: a layer for each ingredient that is in, and a line where each is to reach. A picture beside the figures. */
export function PotPicture({ layers }: { readonly layers: readonly PotLayer[] }) {
  const marks = layers.map((_, i) => layers.slice(0, i + 1).reduce((sum, one) => sum + one.target, 0));
  const full = Math.max(
    1,
    layers.reduce((sum, one) => sum + one.poured, 0),
  );
  return (
    <div aria-hidden="true" className="relative h-48 w-20 shrink-0">
      <div className="absolute -inset-x-1.5 top-0 h-1.5 border-2 border-ink bg-bench" />
      <div className="absolute inset-x-0 top-1 bottom-0 flex flex-col-reverse overflow-hidden border-ink border-x-[3px] border-b-[3px] bg-paper">
        {layers.map((layer) => (
          <div
            key={layer.id}
            className="w-full shrink-0 border-ink/60 border-t"
            style={{
              ...familyFill(layer.family),
              height: `${(layer.poured / full) * 92}%`,
              borderTopWidth: layer.poured > 0 ? 1 : 0,
            }}
          />
        ))}
        {marks.map((mark, i) => (
          <span
            key={layers[i]?.id}
            className="absolute inset-x-0 border-ink border-t border-dashed"
            style={{ bottom: `${(mark / full) * 92}%` }}
          />
        ))}
      </div>
    </div>
  );
}
