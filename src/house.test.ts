import { execSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import ts from 'typescript';
import { describe, expect, it } from 'vitest';

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

describe('what a person reads on a screen stands in src/messages', () => {
  const SHOWN = ['label', 'hint', 'title', 'aria-label', 'placeholder', 'legend', 'alt', 'says'];
  const isWords = (text: string): boolean => /[A-Za-z]{2,}/.test(text);
  const isSentence = (text: string): boolean => /^[A-Z▲][^/<]* \S+ /.test(text) && !/\d \d|: .*;|;$/.test(text);
  const notShown = (node: ts.Node): boolean =>
    ts.isThrowStatement(node) ||
    ts.isNewExpression(node) ||
    ts.isTypeNode(node) ||
    ts.isTaggedTemplateExpression(node) ||
    (ts.isJsxElement(node) && ['style', 'script', 'code'].includes(node.openingElement.tagName.getText())) ||
    (ts.isJsxAttribute(node) && ['className', 'style', 'd'].includes(node.name.getText()));

  const textsIn = (path: string): string[] => {
    const kind = path.endsWith('x') ? ts.ScriptKind.TSX : ts.ScriptKind.TS;
    const tree = ts.createSourceFile(path, readFileSync(path, 'utf8'), ts.ScriptTarget.Latest, true, kind);
    const found: string[] = [];
    const visit = (node: ts.Node): void => {
      if (notShown(node)) return;
      if (ts.isJsxText(node) && isWords(node.text)) found.push(node.text.trim());
      if (ts.isStringLiteralLike(node)) {
        const shown = ts.isJsxAttribute(node.parent) && SHOWN.includes(node.parent.name.getText());
        if (shown ? isWords(node.text) : isSentence(node.text)) found.push(node.text);
      }
      if (ts.isTemplateHead(node) && isSentence(`${node.text} `)) found.push(node.text);
      ts.forEachChild(node, visit);
    };
    visit(tree);
    return found;
  };

  it.each(['app', 'features', 'print', 'trade', 'ui', 'web'])('%s says nothing of its own', (room) => {
    const own = files.filter((path) => path.startsWith(`src/${room}/`) && !path.includes('.test.'));
    expect(own.flatMap((path) => textsIn(path).map((text) => `${path}: ${text}`))).toEqual([]);
  });
});
