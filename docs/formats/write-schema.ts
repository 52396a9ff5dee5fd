import { writeFileSync } from 'node:fs';
import { z } from 'zod';
import { FormulaFile } from '../../src/core/blend/index';

/** The published JSON Schema of formulas, from the shape the house itself reads by. */
export const formulaSchema = (): string =>
  `${JSON.stringify({ title: 'Formulas of blends', ...z.toJSONSchema(FormulaFile, { io: 'input' }) }, null, 2)}\n`;

if (process.argv[1]?.endsWith('write-schema.ts'))
  writeFileSync(new URL('formulas.schema.json', import.meta.url), formulaSchema());
