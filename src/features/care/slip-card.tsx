import 'server-only';
import { Ring } from '@/ui/ring';
import { longDate } from '@/ui/when';
import { codePng } from './code';
import type { Slip } from './slip';

/** The slip as it is printed: A6, the ring's ink on white. */
export async function SlipCard({ slip }: { readonly slip: Slip }) {
  const code = await codePng(slip.codeText);
  return (
    <article
      data-scheme="day"
      className="slip flex w-[105mm] min-h-[148mm] flex-col gap-1 bg-white p-[6.3mm] text-[#12211c] text-[12px] leading-[1.38]"
    >
      <div className="flex gap-3">
        <Ring facts={slip.ring} seed={slip.seed} size={64} title={slip.pieceNumber} />
        <div className="grow">
          <h2 className="text-[21px] leading-[1.15]">{slip.title}</h2>
          <p className="text-[#46564f]">
            {slip.shop} · <span className="reading">{slip.pieceNumber}</span> · <span className="reading">{slip.code}</span>
          </p>
          <p className="text-[#46564f]">{slip.wood}</p>
        </div>
        {/* biome-ignore lint/performance/noImgElement: a code drawn here and now, nothing to optimise */}
        <img className="h-[22mm] w-[22mm] shrink-0" alt="Code of this piece" src={code} />
      </div>
      <hr className="my-1 border-[#12211c]" />
      <p className="font-semibold">{slip.look}</p>
      <h3 className="mt-1 text-[12.5px]">Keep it</h3>
      <p>
        {slip.wash} {slip.never}
      </p>
      <h3 className="mt-1 text-[12.5px]">Renew it</h3>
      <p>
        {slip.treat}
        {slip.intervalDays === null
          ? ''
          : ` About every ${slip.intervalDays} days, ${slip.grams.toFixed(1)} g a time. First looks: ${slip.nextDates.map(longDate).join(', ')}.`}
      </p>
      {slip.cloths ? <p className="font-semibold">{slip.cloths}</p> : null}
      <h3 className="mt-1 text-[12.5px]">On it</h3>
      <p>
        {slip.finish}. {slip.ingredients.join(', ') || 'Nothing'}.
      </p>
      <p className="font-semibold">
        Allergens: {slip.allergens.join(', ') || 'none known'}.
        {slip.undeclared.length > 0 ? ` Not all contents declared: ${slip.undeclared.join(', ')}.` : ''}
      </p>
      <h3 className="mt-1 text-[12.5px]">Send it back</h3>
      <p>{slip.sendBack}</p>
    </article>
  );
}
