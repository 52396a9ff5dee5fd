import 'server-only';
import { PICTOGRAMS, type Pictogram } from '@/ui/pictograms';
import { Ring } from '@/ui/ring';
import { codePng } from './code';
import type { Slip, SlipSize, SlipText } from './slip';

const Sign = ({ of }: { readonly of: Pictogram }) => (
  <svg viewBox="0 0 24 24" className="mt-[0.15em] h-[2em] w-[2em] shrink-0" aria-hidden="true">
    {PICTOGRAMS[of].map((d) => (
      <path key={d} d={d} fill="none" stroke="currentColor" strokeWidth={1.8} />
    ))}
  </svg>
);

type Props = { readonly slip: Slip; readonly text: SlipText; readonly size: SlipSize; readonly pt: number };

/** One side of the slip as it is printed: its size, its type, the ring's ink on white. */
export async function SlipCard({ slip, text, size, pt }: Props) {
  const code = await codePng(text.codeText);
  const small = size === 'A7';
  return (
    <article
      data-scheme="day"
      lang={text.language}
      className={`slip flex flex-col gap-[0.5em] bg-white text-[#12211c] leading-[1.3] ${small ? 'min-h-[105mm] w-[74mm] p-[3.9mm]' : 'min-h-[148mm] w-[105mm] p-[6mm]'}`}
      style={{ fontSize: `${pt}pt` }}
    >
      <div className="flex gap-[8pt]">
        <Ring facts={slip.ring} seed={slip.seed} size={small ? 44 : 60} title={slip.pieceNumber} />
        <div className="grow">
          <h2 className="text-[1.7em] leading-[1.12]">{text.title}</h2>
          <p className="text-[#46564f] text-[0.88em]">
            {slip.shop} · <span className="reading">{slip.pieceNumber}</span> · <span className="reading">{slip.code}</span>
          </p>
          <p className="text-[#46564f] text-[0.88em]">{text.wood}</p>
        </div>
        {/* biome-ignore lint/performance/noImgElement: a code drawn here and now, nothing to optimise */}
        <img className={`shrink-0 ${small ? 'h-[16mm] w-[16mm]' : 'h-[22mm] w-[22mm]'}`} alt="Code of this piece" src={code} />
      </div>
      <hr className="border-[#12211c]" />
      <p className="flex gap-[5pt] font-semibold">
        <Sign of="look" />
        {text.look}
      </p>
      {text.parts.map((part) => (
        <div key={part.sign + part.heading} className="flex gap-[5pt]">
          <Sign of={part.sign} />
          <div>
            {part.heading ? <h3 className="font-bold text-[1em] leading-[1.3]">{part.heading}</h3> : null}
            {part.lines.map((line, i) => (
              <p key={line} className={part.strong || (part.sign === 'on' && i > 0) ? 'font-semibold' : ''}>
                {line}
              </p>
            ))}
          </div>
        </div>
      ))}
    </article>
  );
}
