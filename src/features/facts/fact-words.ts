import { say } from '@/core/quantity';
import type { UseGateId } from '@/core/use';
import type { FactNotice } from '@/data/facts/facts';
import { gateName } from '@/messages';
import { dayAndDate, longDate } from '@/ui/when';
import { reads } from '@/web/reads-here';

type Told = { readonly head: string; readonly text: string };
type Detail = {
  readonly number?: string;
  readonly title?: string;
  readonly name?: string;
  readonly gates?: readonly UseGateId[];
  readonly tags?: readonly string[];
  readonly codes?: readonly string[];
  readonly printed?: string;
  readonly now?: string | number;
  readonly before?: number;
  readonly surelyMs?: number | null;
};

const unmet = (gates: readonly UseGateId[] = []): string => gates.map((gate) => gateName(gate).toLowerCase()).join('; ');
const count = (of: readonly string[] = []): string => `${of.length} ${of.length === 1 ? 'piece' : 'pieces'}`;

/** What became of something when the facts changed, in words. */
export function sayNotice({ kind, detail }: Pick<FactNotice, 'kind' | 'detail'>, zone: string): Told {
  const of = detail as Detail;
  switch (kind) {
    case 'held':
      return {
        head: `${of.number}: ${count(of.tags)} held`,
        text: `${of.title}, ${of.tags?.join(', ')}. By what is known now these gates are not met: ${unmet(of.gates)}. Nothing of it is sold until you say what becomes of it.`,
      };
    case 'sold-refused':
      return {
        head: `${of.number}: ${count(of.codes)} sold before`,
        text: `${of.title}. Today it would be refused: ${unmet(of.gates)}. A letter to each owner whose address is kept lies as a draft under Care, Letters; none is sent until you send it. Judge each: a letter may alarm where a word is enough.`,
      };
    case 'lot-shortened':
      return {
        head: `${of.number}: keeps less long`,
        text: `${of.title}. By what is known now it keeps until ${longDate(String(of.now))}; what is printed, ${longDate(String(of.printed))}, stands. Smell it before use, and give its new tins the earlier date.`,
      };
    case 'fit-moved':
      return {
        head: `${of.number}: fit at another time`,
        text: `Its finish was reckoned with ${of.before} h at ${say(20, '°C', reads(), 0)}, now with ${of.now} h. ${of.surelyMs == null ? 'A date on which it is almost surely fit cannot be said.' : `Almost surely fit ${dayAndDate(of.surelyMs, zone)}.`}`,
      };
    case 'regimen-offered':
      return {
        head: `${of.name}: a mended revision is offered`,
        text: 'You have your own revision, and it stands. The shipped one was mended: the warm cabinet, waits and bounds of finishes. Compare them under Regimens; batches that began keep theirs.',
      };
  }
}
