import { execSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { expect, it } from 'vitest';

const files = execSync('git ls-files src', { encoding: 'utf8' })
  .split('\n')
  .filter((path) => /\.tsx?$/.test(path));

it('a module that stays on the server says so before it imports anything', () => {
  const late = files.filter((path) => {
    const imports: string[] = readFileSync(path, 'utf8').match(/^import .*/gm) ?? [];
    return imports.indexOf("import 'server-only';") > 0;
  });
  expect(late).toEqual([]);
});

it('a module is imported once by each file', () => {
  const twice = files.filter((path) => {
    const named = readFileSync(path, 'utf8').matchAll(/^import (?:type )?\{[^}]*\} from '([^']+)';/gm);
    const from = [...named].map((found) => found[1]);
    return new Set(from).size < from.length;
  });
  expect(twice).toEqual([]);
});
