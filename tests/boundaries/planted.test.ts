import { readdirSync, readFileSync } from 'node:fs';
import { join, relative, resolve } from 'node:path';
import ts from 'typescript';

// One new kind of each thing is planted in a copy in memory: it must fail to compile wherever something has to be said
// of it, and nowhere else. So nobody finds out at run time that a place was forgotten.

const root = join(__dirname, '../..');
/** Where things are defined and told of: the core, the contracts and the words. Screens ask these. */
const FOLDERS = ['packages/core/src', 'packages/contracts/src', 'apps/web/src/words'];

const sources = (folder: string): string[] =>
  readdirSync(folder, { withFileTypes: true }).flatMap((entry) => {
    const path = join(folder, entry.name);
    return entry.isDirectory() ? sources(path) : /\.ts$/.test(entry.name) && !/\.test\.ts$/.test(entry.name) ? [path] : [];
  });
const files = FOLDERS.flatMap((folder) => sources(join(root, folder)));
const options: ts.CompilerOptions = {
  ...ts.parseJsonConfigFileContent(
    ts.readConfigFile(join(root, 'tsconfig.base.json'), (name) => ts.sys.readFile(name)).config,
    ts.sys,
    root,
  ).options,
  lib: ['lib.es2023.d.ts', 'lib.dom.d.ts'],
  types: [],
};

const host = ts.createCompilerHost(options);
const parsed = new Map<string, ts.SourceFile | undefined>();

/** The files that do not compile, with one of them as if it were written otherwise. */
function broken(planted: ReadonlyMap<string, string> = new Map()): string[] {
  const program = ts.createProgram({
    rootNames: files,
    options,
    host: {
      ...host,
      getSourceFile: (name, target) => {
        const text = planted.get(resolve(name));
        if (text !== undefined) return ts.createSourceFile(name, text, target, true);
        if (!parsed.has(name)) parsed.set(name, host.getSourceFile(name, target));
        return parsed.get(name);
      },
    },
  });
  return files.filter((name) => program.getSemanticDiagnostics(program.getSourceFile(name)).length > 0).map((name) => relative(root, name));
}

const plant = (file: string, from: string, to: string): [path: string, text: string] => {
  const path = join(root, file);
  const text = readFileSync(path, 'utf8');
  expect(text).toContain(from);
  return [path, text.replace(from, to)];
};

const CORE = 'packages/core/src/';
type Row = [what: string, file: string, from: string, to: string, places: string[]];
const ROWS: Row[] = [
  [
    'a cause of breakage',
    `${CORE}stages/frontier/causes.ts`,
    "  | 'shock'\n",
    "  | 'shock'\n  | 'damp'\n",
    ['apps/web/src/words/causeWords.ts', 'packages/core/src/stages/frontier/causes.ts'],
  ],
  [
    'a hard point',
    `${CORE}engineering/pieces/hardPoints.ts`,
    "  | 'handle'\n",
    "  | 'handle'\n  | 'antler'\n",
    ['packages/core/src/engineering/pieces/hardPoints.ts'],
  ],
  [
    'a guard',
    `${CORE}engineering/pieces/hardPoints.ts`,
    "export type GuardKind = 'foamTube'",
    "export type GuardKind = 'cradle' | 'foamTube'",
    ['packages/core/src/engineering/pieces/hardPoints.ts'],
  ],
  [
    'a kind of piece',
    `${CORE}engineering/pieces/Archetype.ts`,
    "  | 'rigidMetal';",
    "  | 'rigidMetal'\n  | 'carpet';",
    ['packages/core/src/engineering/pieces/archetypes.ts', 'packages/core/src/engineering/pieces/kindWords.ts'],
  ],
  [
    'a bench test',
    `${CORE}stages/bench/benchTests.ts`,
    "  | 'caseShake'\n",
    "  | 'caseShake'\n  | 'listen'\n",
    ['packages/core/src/stages/bench/benchTests.ts'],
  ],
  [
    'a thing made for a box',
    `${CORE}stages/box/madeParts.ts`,
    "export type MadePartKey = 'cutDown'",
    "export type MadePartKey = 'bracket' | 'cutDown'",
    ['packages/core/src/stages/bench/shellSteps.ts', 'packages/core/src/stages/box/madeParts.ts'],
  ],
  [
    'a thing the box shop cuts',
    `${CORE}engineering/boxshop/CutOrder.ts`,
    "  | { readonly kind: 'wrapAround';",
    "  | { readonly kind: 'bracket'; readonly caliper: number }\n  | { readonly kind: 'wrapAround';",
    ['apps/web/src/words/cutNames.ts', `${CORE}engineering/boxshop/cutOf.ts`, `${CORE}engineering/boxshop/shopMinutes.ts`],
  ],
  [
    'a surcharge',
    `${CORE}engineering/tariff/RateCard.ts`,
    "    | { readonly kind: 'nonRectangular' }",
    "    | { readonly kind: 'nonRectangular' }\n    | { readonly kind: 'oversea' }",
    ['packages/core/src/engineering/tariff/priceLines.ts'],
  ],
  [
    'a state of a parcel',
    `${CORE}stages/parcel/ParcelLife.ts`,
    "  | 'closed';",
    "  | 'closed'\n  | 'cancelled';",
    [
      'apps/web/src/words/nextUp.ts',
      'apps/web/src/words/stateWords.ts',
      'packages/core/src/stages/parcel/moves.ts',
      'packages/core/src/stages/parcel/standing.ts',
    ],
  ],
  [
    'a happening',
    `${CORE}stages/parcel/LifeEvent.ts`,
    "  | { readonly kind: 'tagMatched' }",
    "  | { readonly kind: 'tagMatched' }\n  | { readonly kind: 'refunded' }",
    [
      'packages/core/src/stages/parcel/lifeWords.ts',
      'packages/core/src/stages/parcel/moves.ts',
      'packages/core/src/stages/parcel/recordParcel.ts',
    ],
  ],
  [
    'a fault of a plan',
    `${CORE}stages/plan/PlanDocument.ts`,
    "  | { readonly kind: 'certificate'; readonly blocks: true }",
    "  | { readonly kind: 'certificate'; readonly blocks: true }\n  | { readonly kind: 'gaping'; readonly blocks: true }",
    ['apps/web/src/words/faultWords.ts', 'packages/core/src/stages/plan/findFaults.ts'],
  ],
  [
    'a part of a choice',
    `${CORE}stages/frontier/PlanOption.ts`,
    '  readonly board: boolean;',
    '  readonly board: boolean;\n  readonly core: boolean;',
    ['packages/contracts/src/plan.ts', 'packages/core/src/stages/frontier/judgeParcel.ts', 'packages/core/src/stages/plan/choiceParts.ts'],
  ],
  [
    'a change to a plan',
    `${CORE}stages/plan/ChangeKind.ts`,
    "  | { readonly kind: 'unboxed' }",
    "  | { readonly kind: 'unboxed' }\n  | { readonly kind: 'split' }",
    ['apps/web/src/words/changeWords.ts', 'packages/core/src/stages/plan/houseDoes.ts'],
  ],
  [
    'a field of a sale',
    'packages/contracts/src/keptFields.ts',
    '  letter: string | null;',
    '  letter: string | null;\n  gift: boolean;',
    ['packages/contracts/src/fields.ts', 'packages/contracts/src/keptFields.ts'],
  ],
  [
    'a field of a piece',
    'packages/contracts/src/keptFields.ts',
    '  seal: string | null;',
    '  seal: string | null;\n  heirloom: boolean;',
    ['packages/contracts/src/fields.ts', 'packages/contracts/src/keptFields.ts'],
  ],
  [
    'something a label no longer agrees with',
    'packages/contracts/src/parcelView.ts',
    "export type LabelMove = 'address'",
    "export type LabelMove = 'cover' | 'address'",
    ['apps/web/src/words/labelMoves.ts'],
  ],
  [
    'a figure of the house',
    `${CORE}house/House.ts`,
    '  readonly lossShare: number;',
    '  readonly lossShare: number;\n  readonly luckShare: number;',
    ['packages/contracts/src/house.ts', 'packages/contracts/src/plan.ts', 'packages/core/src/house/House.ts'],
  ],
  [
    'a single thing of the stockroom',
    `${CORE}engineering/materials/stock.ts`,
    '  readonly linerBoard: SheetBoard | null;',
    '  readonly linerBoard: SheetBoard | null;\n  readonly tubes: SheetBoard | null;',
    ['packages/contracts/src/plan.ts', 'packages/contracts/src/stock.ts'],
  ],
];

/** Kinds that are planted together: each in a file of its own, and told of in places that no other of them is told of. */
const together = ROWS.reduce<Row[][]>((groups, row) => {
  const touches = ([, file, , , places]: Row) => [file, ...places];
  const fits = groups.find((group) => !group.some((other) => touches(other).some((place) => touches(row).includes(place))));
  if (fits) fits.push(row);
  else groups.push([row]);
  return groups;
}, []);
const brokenBy = new Map<Row[], string[]>();

test.each(ROWS)('%s', (...row) => {
  const group = together.find((some) => some.some(([what]) => what === row[0]))!;
  const found = brokenBy.get(group) ?? broken(new Map(group.map(([, file, from, to]) => plant(file, from, to))));
  brokenBy.set(group, found);
  const [what, , , , places] = row;
  const ofOthers = new Set(group.filter((other) => other[0] !== what).flatMap(([, , , , others]) => others));
  expect(found.filter((place) => !ofOthers.has(place)).sort()).toEqual([...places].sort());
});
