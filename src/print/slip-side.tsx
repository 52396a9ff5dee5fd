import 'server-only';
import { slipSide as wording } from '@/messages/screens/print';
import type { SlipSize, SlipText } from './slip';

type Props = { readonly text: SlipText; readonly size: SlipSize; readonly address: string };
const SIDE: Readonly<Record<SlipSize, string>> = { A6: 'w-[105mm] h-[148mm]', A7: 'w-[74mm] h-[105mm]' };

/** One side of the slip: a picture of what is printed, in its own size, with all it says for who cannot see it. */
export function SlipSide({ text, size, address }: Props) {
  return (
    <figure lang={text.language} className="relative w-fit border-2 border-ink bg-white print:border-0">
      <span aria-hidden="true" className="absolute inset-0 grid place-content-center text-[#46564f] print:hidden">
        {wording.isBeingDrawnAs}
      </span>
      {/* biome-ignore lint/performance/noImgElement: drawn for this slip at the size it is printed, nothing to optimise */}
      <img src={address} alt="" className={`relative max-w-full object-contain ${SIDE[size]}`} />
      <figcaption className="sr-only">
        {text.title}. {text.wood}. {text.look}
        {text.parts.map((part) => (
          <span key={part.sign + part.heading}> {[part.heading, ...part.lines].filter(Boolean).join(' ')}</span>
        ))}
      </figcaption>
    </figure>
  );
}
