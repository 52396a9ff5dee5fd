import { labelDrawn as wording } from '@/messages/screens/pour';
import { codeMm, type Grid, type Label, PAD_MM } from '@/print/label';

type Props = {
  readonly label: Label;
  /** The drawn code of the lot; none where it is only looked at beforehand. */
  readonly code: string | null;
  readonly grid: Grid;
  readonly size: number;
};

/** The label as it will be printed, at almost twice its size. */
export function LabelDrawn({ label, code, grid, size }: Props) {
  return (
    <figure>
      <div
        className="border border-rule bg-white text-[#12211c]"
        style={{
          width: `${grid.width * 1.9}mm`,
          maxWidth: '100%',
          aspectRatio: `${grid.width} / ${grid.height}`,
          padding: `${PAD_MM * 1.9}mm`,
          fontSize: `${size * 1.9}pt`,
          lineHeight: 1.2,
          overflow: 'hidden',
        }}
      >
        <div className="flex gap-2">
          <div className="min-w-0 flex-1">
            <p style={{ fontSize: '1.5em', fontWeight: 700, lineHeight: 1.1 }}>{label.title}</p>
            {label.notForFood ? <p style={{ fontSize: '1.3em', fontWeight: 700 }}>{label.notForFood}</p> : null}
            <p style={{ fontWeight: 600 }}>{label.net}</p>
            <p>{label.dates}</p>
          </div>
          {code === null ? null : (
            // biome-ignore lint/performance/noImgElement: a code drawn on the server
            <img
              src={code}
              alt={wording.codeOfTheLot}
              style={{ width: `${codeMm(grid.height) * 1.9}mm`, height: `${codeMm(grid.height) * 1.9}mm` }}
            />
          )}
        </div>
        <p>
          <strong>{label.contents[0]}:</strong> {label.contents[1]}
        </p>
        <p style={{ fontWeight: 600 }}>{label.allergens}</p>
        <p>
          {label.use} {label.cautions}
        </p>
        <p>{label.shop}</p>
      </div>
      <figcaption className="reading mt-1 text-sm text-soft">{wording.mmSetInPt(grid.width, grid.height, size)}</figcaption>
    </figure>
  );
}
