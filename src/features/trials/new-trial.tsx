import 'server-only';
import { briefly, isRestoration } from '@/core/regimen';
import { isBySurface } from '@/core/use';
import { allRegimens } from '@/data/catalogue/catalogue';
import { allWoods } from '@/data/catalogue/woods';
import { lotsNow } from '@/data/stores/queries';
import { lotChoices, volatileOf } from '@/data/work/lot-choices';
import { shopUptake } from '@/data/work/uptake';
import { newTrial as wording } from '@/messages/screens/trials';
import { catalogue } from '@/web/here-catalogue';
import { session } from '@/web/session';
import { PlanForm } from './components/plan-form';

/** The plan of a trial, with all it may be made of. A field has one surface: regimens by surfaces are not tried on it. */
export async function NewTrialPage() {
  const { db, nowMs } = await session();
  const lots = lotsNow(db);
  return (
    <>
      <h1 className="mb-4">{wording.layOutATrial}</h1>
      <PlanForm
        regimens={allRegimens(db)
          .filter((one) => !isRestoration(one.id) && !isBySurface(one.steps))
          .map(briefly)}
        lots={lotChoices(db)}
        woods={allWoods(db).map(({ id, name, porosity, densityKgPerM3 }) => ({ id, name, porosity, densityKgPerM3 }))}
        uptake={shopUptake(db)}
        volatile={Object.fromEntries(lots.map((lot) => [lot.id, volatileOf(lot, catalogue())]))}
        seed={nowMs % 2 ** 31}
      />
    </>
  );
}
