import { planeOf, rectangle } from '@/core/colour';
import type { PartCorners } from '@/trade/picture/corners';

/** The side a picture is stretched to before it is laid flat, pixels: its own shape does not matter then. */
const SIDE = 1000;

type Props = {
  readonly src: string;
  readonly alt: string;
  readonly corners: PartCorners;
  /** Pixels a millimetre is drawn as. */
  readonly scale: number;
  readonly lengthMm: number;
  readonly widthMm: number;
  /** Only so much of its length, from one end. */
  readonly from?: number;
  readonly to?: number;
};

/** A board out of its picture, laid flat: every picture of it at one scale, its fields where they lie. */
export function FlatBoard({ src, alt, corners, scale, lengthMm, widthMm, from = 0, to = lengthMm }: Props) {
  const [w, h] = [lengthMm * scale, widthMm * scale];
  const plane = planeOf(
    corners.map(([x, y]) => [x * SIDE, y * SIDE]) as unknown as Parameters<typeof planeOf>[0],
    rectangle(w, h),
  );
  if (!plane.ok) return null;
  const [a, b, c, d, e, f, g, k] = plane.value;
  return (
    <span className="relative block overflow-hidden" style={{ width: (to - from) * scale, height: h }}>
      <span className="absolute top-0 block" style={{ left: -from * scale, width: w, height: h }}>
        {/* biome-ignore lint/performance/noImgElement: a file of the shop's own, laid flat by its corners */}
        <img
          src={src}
          alt={alt}
          className="absolute top-0 left-0 max-w-none"
          style={{
            width: SIDE,
            height: SIDE,
            transformOrigin: '0 0',
            transform: `matrix3d(${[a, d, 0, g, b, e, 0, k, 0, 0, 1, 0, c, f, 0, 1].join(',')})`,
          }}
        />
      </span>
    </span>
  );
}
