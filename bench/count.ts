/**
 * Counts the house: lines, lengths of functions, cycles between folders, names that leave their room.
 *
 * Lines of code are lines with at least one token that is neither comment nor import; a blank line, a comment and an import (also one
 * over several lines) do not count. A function is counted from its first to its last line, arrow functions and methods too; a function
 * inside another counts by itself and in the outer one. A cycle is two folders of one room that import each other's files.
 *
 * `npm run count` prints it; `npm run count -- names` lists names exported twice; `-- long` the functions over 80 lines; `-- cycles` each
 * import that closes a cycle; `-- state` what is kept at the top of a module.
 */
import { execSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { dirname, join, normalize } from 'node:path';
import ts from 'typescript';
import { groupBy } from '../src/core/quantity/index';

type Source = { path: string; text: string; tree: ts.SourceFile; test: boolean };
type Length = { path: string; name: string; lines: number; line: number };

const isTest = (path: string) => /\.test\.tsx?$/.test(path) || path.startsWith('e2e/');

function sources(): Source[] {
  const paths = execSync('git ls-files src e2e bench', { encoding: 'utf8' })
    .split('\n')
    .filter((path) => /\.tsx?$/.test(path));
  return paths.map((path) => {
    const text = readFileSync(path, 'utf8');
    const kind = path.endsWith('x') ? ts.ScriptKind.TSX : ts.ScriptKind.TS;
    return { path, text, tree: ts.createSourceFile(path, text, ts.ScriptTarget.Latest, true, kind), test: isTest(path) };
  });
}

/** Every node without children is a token; JSX text counts where it is more than white space. */
function codeLines({ tree, text }: Source): number {
  const lines = new Set<number>();
  const mark = (from: number, to: number) => {
    const first = tree.getLineAndCharacterOfPosition(from).line;
    const last = tree.getLineAndCharacterOfPosition(to).line;
    for (let line = first; line <= last; line++) lines.add(line);
  };
  const visit = (node: ts.Node) => {
    if (ts.isImportDeclaration(node) || ts.isJSDoc(node)) return;
    const children = node.getChildren(tree);
    if (children.length === 0 && node.getWidth(tree) > 0 && text.slice(node.getStart(tree), node.end).trim() !== '')
      mark(node.getStart(tree), node.end);
    for (const child of children) visit(child);
  };
  visit(tree);
  return lines.size;
}

const nameOf = (node: ts.FunctionLikeDeclaration): string => {
  if (node.name) return node.name.getText();
  const up = node.parent;
  return up && (ts.isVariableDeclaration(up) || ts.isPropertyAssignment(up)) ? up.name.getText() : '(unnamed)';
};

function functions({ tree, path }: Source): Length[] {
  const found: Length[] = [];
  const visit = (node: ts.Node) => {
    if (ts.isFunctionLike(node) && 'body' in node && node.body) {
      const first = tree.getLineAndCharacterOfPosition(node.getStart(tree)).line;
      const last = tree.getLineAndCharacterOfPosition(node.end).line;
      found.push({ path, name: nameOf(node as ts.FunctionLikeDeclaration), lines: last - first + 1, line: first + 1 });
    }
    ts.forEachChild(node, visit);
  };
  visit(tree);
  return found;
}

/** `src/core/use/gates.ts` → room `core`, folder `core/use`; what stands loose in a room is the room's own folder. */
const roomOf = (path: string) => path.split('/')[1] ?? path;
const folderOf = (path: string) =>
  path
    .split('/')
    .slice(1, path.split('/').length > 3 ? 3 : 2)
    .join('/');

type Import = { from: string; to: string; names: string[] };
function imports(all: Source[]): Import[] {
  const paths = new Set(all.map(({ path }) => path));
  const resolve = (from: string, said: string) => {
    const base = said.startsWith('@/')
      ? `src/${said.slice(2)}`
      : said.startsWith('.')
        ? normalize(join(dirname(from), said))
        : undefined;
    return base && [base, `${base}.ts`, `${base}.tsx`, `${base}/index.ts`, `${base}/index.tsx`].find((path) => paths.has(path));
  };
  return all.flatMap(({ tree, path }) =>
    tree.statements.flatMap((statement): Import[] => {
      if (!(ts.isImportDeclaration(statement) || ts.isExportDeclaration(statement)) || !statement.moduleSpecifier) return [];
      const to = resolve(path, (statement.moduleSpecifier as ts.StringLiteral).text);
      if (!to) return [];
      const bindings = ts.isImportDeclaration(statement) ? statement.importClause?.namedBindings : statement.exportClause;
      const names =
        bindings && 'elements' in bindings ? bindings.elements.map((one) => (one.propertyName ?? one.name).getText()) : ['*'];
      return [{ from: path, to, names }];
    }),
  );
}

/** Pairs of folders of one room that import each other, with the imports of the thinner side. */
function cycles(all: Import[]) {
  const edges = new Map<string, Import[]>();
  for (const found of all) {
    const [from, to] = [folderOf(found.from), folderOf(found.to)];
    if (from === to || roomOf(found.from) !== roomOf(found.to)) continue;
    edges.set(`${from} ${to}`, [...(edges.get(`${from} ${to}`) ?? []), found]);
  }
  /* Folders from which one comes back to where one began, by any road. */
  const next = (folder: string) =>
    [...edges.keys()].filter((key) => key.startsWith(`${folder} `)).map((key) => key.split(' ')[1] as string);
  const reach = (start: string) => {
    const seen = new Set<string>();
    const open = next(start);
    for (let folder = open.pop(); folder; folder = open.pop())
      if (!seen.has(folder)) seen.add(folder) && open.push(...next(folder));
    return seen;
  };
  const folders = [...new Set([...edges.keys()].flatMap((key) => key.split(' ')))];
  const reached = new Map(folders.map((folder) => [folder, reach(folder)]));
  const knotted = folders.filter((folder) => reached.get(folder)?.has(folder));
  const closing = [...edges].filter(([key]) => {
    const [from, to] = key.split(' ') as [string, string];
    return reached.get(to)?.has(from);
  });
  return { knotted, closing };
}

function exported({ tree, path }: Source): { name: string; path: string }[] {
  return tree.statements.flatMap((statement) => {
    const out =
      ts.canHaveModifiers(statement) && ts.getModifiers(statement)?.some(({ kind }) => kind === ts.SyntaxKind.ExportKeyword);
    if (!out) return [];
    if (ts.isVariableStatement(statement))
      return statement.declarationList.declarations.map(({ name }) => ({ name: name.getText(), path }));
    const name = (statement as ts.DeclarationStatement).name?.getText();
    return name ? [{ name, path }] : [];
  });
}

/**
 * What thing an exported name of a file stands for: a kind has one name in the core, in its words and in its picture (each in a file of
 * that name); a schema and its type one in their file; a part that each shape has one in all. Names that the framework gives, and those of words, which are named after what says them, are none.
 */
function thingOf(name: string, path: string): readonly string[] {
  if (/^src\/(app|messages\/screens)\//.test(path) || /^(GET|POST)$/.test(name)) return [];
  const kebab = name.replace(/[A-Z]/g, (capital) => `-${capital.toLowerCase()}`).replace(/^-/, '');
  if (path.endsWith(`/${kebab}.ts`) || path.endsWith(`/${kebab}.tsx`)) return ['kind'];
  return [/^src\/trade\/shapes\//.test(path) ? 'part of a shape' : path];
}

/** What a module keeps while the process lives: a `let` at the top, or a `const` that holds a Map, a Set, a WeakMap, or stands on globalThis. */
function state({ tree, path, text }: Source): string[] {
  return tree.statements.flatMap((statement) => {
    if (!ts.isVariableStatement(statement))
      return /globalThis as|globalThis\.\w+ (\?\?)?=/.test(statement.getText()) ? [`${path} uses globalThis`] : [];
    const line = tree.getLineAndCharacterOfPosition(statement.getStart(tree)).line + 1;
    const isLet = (statement.declarationList.flags & (ts.NodeFlags.Const | ts.NodeFlags.Let)) === ts.NodeFlags.Let;
    return statement.declarationList.declarations.flatMap(({ name, initializer }) => {
      const held = initializer?.getText() ?? '';
      const fills =
        /^new (Weak)?(Map|Set)(<.*>)?\(\)$/.test(held) || /globalThis/.test(held) || /^(process|shared|cache)/.test(held);
      return isLet || fills ? [`${path}:${line} ${name.getText()}`] : [];
    });
  }, text);
}

const share = (sorted: number[], part: number) => sorted[Math.min(sorted.length - 1, Math.floor(sorted.length * part))] ?? 0;

function main(what: string | undefined) {
  const all = sources();
  const house = all.filter(({ path, test }) => path.startsWith('src/') && !test);
  const lengths = house.flatMap(functions).filter(({ lines }) => lines >= 3);
  const found = imports(house);
  const { knotted, closing } = cycles(found);

  if (what === 'long') {
    for (const one of lengths.filter(({ lines }) => lines > 80).sort((a, b) => b.lines - a.lines))
      console.log(`${one.lines} ${one.path}:${one.line} ${one.name}`);
    return;
  }
  if (what === 'cycles') {
    for (const [key, edges] of closing)
      console.log(`${key}\n${edges.map(({ from, to, names }) => `   ${from} → ${to} (${names.join(', ')})`).join('\n')}`);
    if (closing.length > 0) process.exitCode = 1;
    return;
  }
  if (what === 'state') {
    console.log(house.flatMap(state).join('\n'));
    return;
  }
  const names = groupBy(house.flatMap(exported), ({ name }) => name);
  const twice = [...names].filter(([name, places]) => new Set(places.flatMap(({ path }) => thingOf(name, path))).size > 1);
  if (what === 'names') {
    for (const [name, places] of twice) console.log(`${name}: ${places.map(({ path }) => path).join(', ')}`);
    return;
  }

  const rooms = groupBy(all, ({ path }) =>
    path.startsWith('src/') ? folderOf(path).split('/').slice(0, 2).join('/') : roomOf(`x/${path.split('/')[0]}`),
  );
  console.log('room                      files   code    all  tests');
  const totals = { code: 0, all: 0, tests: 0 };
  const perRoom = new Map<string, number>();
  for (const [room, files] of [...rooms].sort(([a], [b]) => a.localeCompare(b))) {
    const code = files.filter(({ test }) => !test).reduce((sum, file) => sum + codeLines(file), 0);
    const lines = files.filter(({ test }) => !test).reduce((sum, { text }) => sum + text.split('\n').length - 1, 0);
    const tests = files.filter(({ test }) => test).reduce((sum, file) => sum + codeLines(file), 0);
    console.log(
      `${room.padEnd(24)} ${String(files.length).padStart(6)} ${String(code).padStart(6)} ${String(lines).padStart(6)} ${String(tests).padStart(6)}`,
    );
    if (files[0]?.path.startsWith('src/')) {
      totals.code += code;
      totals.all += lines;
      const top = room.split('/')[0] as string;
      perRoom.set(top, (perRoom.get(top) ?? 0) + code);
    }
    totals.tests += tests;
  }
  for (const [room, code] of perRoom) console.log(`${room.padEnd(24)}        ${String(code).padStart(6)}`);
  console.log(`src without tests: ${totals.code} lines of code of ${totals.all}; tests ${totals.tests}`);
  const sorted = lengths.map(({ lines }) => lines).sort((a, b) => a - b);
  console.log(
    `functions of three lines or more: ${sorted.length}; median ${share(sorted, 0.5)}, p90 ${share(sorted, 0.9)}, over 80: ${sorted.filter((n) => n > 80).length}`,
  );
  console.log(`folders in a cycle: ${knotted.length} (${knotted.join(', ')})`);
  const outside = new Set(
    found
      .filter(({ from, to }) => folderOf(from) !== folderOf(to))
      .flatMap(({ to, names }) => names.map((name) => `${folderOf(to)} ${name}`)),
  );
  console.log(
    `exported names ${house.flatMap(exported).length}; used outside their folder ${outside.size}; exported from two files ${twice.length}`,
  );
}

main(process.argv[2]);
