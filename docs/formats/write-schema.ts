import { writeFileSync } from 'node:fs';
import { z } from 'zod';
import { FormulaFile } from '../../src/core/blend/index';
import { ReleaseRecord } from '../../src/core/release/index';

/** The published JSON Schema of formulas, from the shape the house itself reads by. */
export const formulaSchema = (): string =>
  `${JSON.stringify({ title: 'Formulas of blends', ...z.toJSONSchema(FormulaFile, { io: 'input' }) }, null, 2)}\n`;

/** The published JSON Schema of release records. */
export const releaseSchema = (): string =>
  `${JSON.stringify({ title: 'Release record', ...z.toJSONSchema(ReleaseRecord, { io: 'output' }) }, null, 2)}\n`;

if (process.argv[1]?.endsWith('write-schema.ts')) {
  writeFileSync(new URL('formulas.schema.json', import.meta.url), formulaSchema());
  writeFileSync(new URL('release.schema.json', import.meta.url), releaseSchema());
}
