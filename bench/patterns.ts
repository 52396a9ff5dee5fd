/**
 * Finds every pattern in the source whose time may grow faster than the text it reads, and says where: `npm run patterns`. Such a pattern
 * lets one long field hold the shop for a minute. Ends with status 1 where there is one.
 */

import { execFileSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { analyse } from 'scslre';
import ts from 'typescript';

type Found = { readonly where: string; readonly pattern: string; readonly how: string };

function patternsIn(file: string): Found[] {
  const source = ts.createSourceFile(file, readFileSync(file, 'utf8'), ts.ScriptTarget.Latest, true);
  const found: Found[] = [];
  const look = (node: ts.Node): void => {
    if (ts.isRegularExpressionLiteral(node)) {
      const at = node.text.lastIndexOf('/');
      const { line } = source.getLineAndCharacterOfPosition(node.getStart());
      const { reports } = analyse({ source: node.text.slice(1, at), flags: node.text.slice(at + 1) });
      for (const { type } of reports) found.push({ where: `${file}:${line + 1}`, pattern: node.text, how: type });
    }
    ts.forEachChild(node, look);
  };
  look(source);
  return found;
}

const files = execFileSync('git', ['ls-files', 'src'], { encoding: 'utf8' })
  .split('\n')
  .filter((file) => /\.tsx?$/.test(file) && !/\.test\.tsx?$/.test(file));
const found = files.flatMap(patternsIn);
for (const { where, pattern, how } of found) console.log(`${where} ${how}: ${pattern}`);
console.log(`${found.length} patterns of ${files.length} files may take more than linear time.`);
process.exit(found.length > 0 ? 1 : 0);
