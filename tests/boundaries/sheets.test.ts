/** @jest-environment node */
import { readFileSync, readdirSync } from 'node:fs';
import { dirname, join, relative } from 'node:path';
import postcss, { type Rule } from 'postcss';
import ts from 'typescript';

const web = join(__dirname, '../../apps/web/src');
const below = (end: string) =>
  readdirSync(web, { recursive: true, encoding: 'utf8' }).filter(
    (file) => file.endsWith(end) && !file.startsWith('.next') && !file.includes('test.'),
  );

/** Rooms whose classes a higher room may wear. */
const SHARED = ['theme', 'parts'];

const sheets = below('.css').filter((file) => !file.endsWith('.module.css'));
const classesOf = (selector: string) =>
  [...selector.matchAll(/\.([a-z][\w-]*)/g)].map((found) => found[1]!).filter((name) => !name.startsWith('ant-'));

/** The classes a file puts on elements: every word of every string within a className. */
function wornIn(file: string): string[] {
  const worn: string[] = [];
  const strings = (node: ts.Node): void => {
    if (ts.isStringLiteralLike(node) || ts.isTemplateHead(node) || ts.isTemplateMiddleOrTemplateTail(node))
      worn.push(...node.text.split(/\s+/));
    ts.forEachChild(node, strings);
  };
  const visit = (node: ts.Node): void => {
    if (ts.isJsxAttribute(node) && /^(root)?className$/i.test(node.name.getText()) && node.initializer) strings(node.initializer);
    ts.forEachChild(node, visit);
  };
  visit(ts.createSourceFile(file, readFileSync(join(web, file), 'utf8'), ts.ScriptTarget.Latest, true, ts.ScriptKind.TSX));
  return worn.filter(Boolean);
}

const rules = sheets.flatMap((sheet) => {
  const found: { sheet: string; selector: string; block: string | undefined; classes: string[] }[] = [];
  postcss.parse(readFileSync(join(web, sheet), 'utf8')).walkRules((rule: Rule) => {
    if (rule.parent?.type === 'atrule' && 'params' in rule.parent && rule.parent.params === 'print') return;
    for (const selector of rule.selectors) found.push({ sheet, selector, block: classesOf(selector)[0], classes: classesOf(selector) });
  });
  return found;
});
const worn = new Map<string, string[]>();
for (const file of below('.tsx')) for (const name of wornIn(file)) worn.set(name, [...(worn.get(name) ?? []), file]);

test('a sheet is short, and all of them are brought in by one list', () => {
  expect(sheets.length).toBeGreaterThan(20);
  const list = readFileSync(join(web, 'app/sheets.ts'), 'utf8');
  expect(sheets.filter((sheet) => !list.includes(`'../${sheet}'`))).toEqual([]);
});

test('outside theme every rule begins with a class, and that class is dressed by one sheet only', () => {
  expect(
    rules.filter(({ sheet, block }) => !block && dirname(sheet) !== 'theme').map(({ sheet, selector }) => `${sheet}: ${selector}`),
  ).toEqual([]);
  const homes = new Map<string, Set<string>>();
  for (const { block, sheet } of rules) if (block) homes.set(block, (homes.get(block) ?? new Set()).add(sheet));
  expect([...homes].filter(([, at]) => at.size > 1).map(([block, at]) => `${block}: ${[...at].join(' ')}`)).toEqual([]);
});

test('what a room’s sheet dresses is worn in that room alone; theme and parts dress everybody', () => {
  const strays = rules.flatMap(({ block, sheet }) =>
    !block || SHARED.includes(dirname(sheet))
      ? []
      : (worn.get(block) ?? [])
          .filter((file) => relative(dirname(sheet), file).startsWith('..'))
          .map((file) => `${block} of ${sheet} in ${file}`),
  );
  expect([...new Set(strays)]).toEqual([]);
});

test('no rule dresses what nobody wears', () => {
  const spoken = below('.tsx')
    .map((file) => readFileSync(join(web, file), 'utf8'))
    .join('\n');
  // A class made from a value (a state, a tone) is not to be found in a className; its word is somewhere in the code.
  const known = (name: string) => worn.has(name) || new RegExp(`['"\`]${name.replace('-', '[- ]')}['"\`]`).test(spoken);
  expect(rules.filter(({ classes }) => !classes.every(known)).map(({ sheet, selector }) => `${sheet}: ${selector}`)).toEqual([]);
});
