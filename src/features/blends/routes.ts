import 'server-only';
import { allFormulas } from '@/data/blends/queries';
import { csvFile, download } from '@/web/csv';
import { session } from '@/web/session';
import { formulasAsCsv, formulasAsJson } from './formula-file';

/** Every formula as a file: `?as=json` or `?as=csv`. */
export async function exportFormulas(request: Request): Promise<Response> {
  const { db } = await session();
  const formulas = allFormulas(db);
  if (new URL(request.url).searchParams.get('as') === 'csv')
    return formulas.length === 0
      ? csvFile('formulas.csv', [])
      : download('formulas.csv', 'text/csv; charset=utf-8', formulasAsCsv(formulas));
  return download('formulas.json', 'application/json', formulasAsJson(formulas));
}
