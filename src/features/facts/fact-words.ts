import { say } from '@/core/quantity';
import type { UseGateId } from '@/core/use';
import type { FactNotice } from '@/data/facts/facts';
import { gateName } from '@/messages';
import { factWords as wording } from '@/messages/screens/facts';
import { dayAndDate, longDate } from '@/ui/when';
import { reads } from '@/web/here';

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
        head: wording.held(of.number, count(of.tags)),
        text: wording.byWhatIsKnown(of.title, of.tags?.join(', '), unmet(of.gates)),
      };
    case 'sold-refused':
      return {
        head: wording.soldBefore(of.number, count(of.codes)),
        text: wording.todayItWouldBe(of.title, unmet(of.gates)),
      };
    case 'lot-shortened':
      return {
        head: wording.keepsLessLong(of.number),
        text: wording.byWhatIsKnownNow(of.title, longDate(String(of.now)), longDate(String(of.printed))),
      };
    case 'fit-moved':
      return {
        head: wording.fitAtAnotherTime(of.number),
        text: wording.itsFinishWasReckoned(
          of.before,
          say(20, '°C', reads(), 0),
          of.now,
          of.surelyMs == null ? wording.aDateOnWhich : wording.almostSurelyFit(dayAndDate(of.surelyMs, zone)),
        ),
      };
    case 'regimen-offered':
      return {
        head: wording.aMendedRevisionIs(of.name),
        text: wording.youHaveYourOwn,
      };
  }
}
