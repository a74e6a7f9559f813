/** @jest-environment node */
import { spawnSync } from 'node:child_process';
import { cpSync, mkdirSync, mkdtempSync, rmSync, symlinkSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { dirname, join } from 'node:path';

const root = join(__dirname, '../..');
let planted: string;

beforeAll(() => {
  planted = mkdtempSync(join(tmpdir(), 'inch-nest-rooms-'));
  for (const part of [
    'packages/core/package.json',
    'packages/contracts/package.json',
    'packages/data/package.json',
    'packages/core/src/stages/order.json',
    'tests/boundaries/rules.cjs',
    'tsconfig.base.json',
    'package.json',
  ]) {
    mkdirSync(dirname(join(planted, part)), { recursive: true });
    cpSync(join(root, part), join(planted, part));
  }
  symlinkSync(join(root, 'node_modules'), join(planted, 'node_modules'));
  for (const [path, text] of Object.entries(GOOD)) write(path, text);
});
afterAll(() => rmSync(planted, { recursive: true, force: true }));

const GOOD = {
  'packages/core/src/index.ts': "export { size } from './engineering/geometry/size.ts';\n",
  'packages/core/src/units/index.ts': 'export const inch = 1;\n',
  'packages/core/src/engineering/geometry/size.ts': "import { inch } from '../../units/index.ts';\nexport const size = inch;\n",
  'packages/core/src/stages/sale/sale.ts': 'export const sale = 1;\n',
  'packages/core/src/stages/plan/plan.ts': "import { sale } from '../sale/sale.ts';\nexport const plan = sale;\n",
  'packages/data/src/index.ts': 'export const data = 1;\n',
  'apps/web/src/server/room.ts': "import { data } from '../../../../packages/data/src/index.ts';\nexport const room = data;\n",
  'apps/web/src/session/shop.ts': 'export const shop = 1;\n',
  'apps/web/src/parcel/parcel.ts': "import { shop } from '../session/shop.ts';\nexport const parcel = shop;\n",
  'apps/web/src/stations/weigh/station.ts': "import { parcel } from '../../parcel/parcel.ts';\nexport const station = parcel;\n",
  'apps/web/src/stations/rate/prices.ts': 'export const prices = 1;\n',
};

function write(path: string, text: string): void {
  mkdirSync(dirname(join(planted, path)), { recursive: true });
  writeFileSync(join(planted, path), text);
}

const check = () => {
  const done = spawnSync(
    process.execPath,
    [
      join(root, 'node_modules/dependency-cruiser/bin/dependency-cruise.mjs'),
      '--config',
      'tests/boundaries/rules.cjs',
      'packages',
      'apps',
      '--output-type',
      'err',
    ],
    { cwd: planted, encoding: 'utf8' },
  );
  return { ok: done.status === 0, said: done.stdout + done.stderr };
};

test('good neighbours pass', () => expect(check()).toMatchObject({ ok: true }));

/** A violation of each rule: its rule, a file that breaks it, and what else that file needs. */
const VIOLATIONS: [rule: string, path: string, text: string, more?: Record<string, string>][] = [
  [
    'core-alone',
    'packages/core/src/engineering/geometry/clock.ts',
    "import { readFileSync } from 'node:fs';\nexport const clock = readFileSync;\n",
  ],
  [
    'core-engineering',
    'packages/core/src/engineering/geometry/nosy.ts',
    "import { sale } from '../../stages/sale/sale.ts';\nexport const nosy = sale;\n",
  ],
  ['core-stage-sale', 'packages/core/src/stages/sale/late.ts', "import { plan } from '../plan/plan.ts';\nexport const late = plan;\n"],
  ['core-units', 'packages/core/src/units/wide.ts', "import { size } from '../engineering/geometry/size.ts';\nexport const wide = size;\n"],
  [
    'stations',
    'apps/web/src/stations/weigh/thief.ts',
    "import { data } from '../../../../../packages/data/src/index.ts';\nexport const thief = data;\n",
  ],
  ['stations', 'apps/web/src/stations/weigh/nosy.ts', "import { prices } from '../rate/prices.ts';\nexport const nosy = prices;\n"],
  ['session', 'apps/web/src/session/late.ts', "import { parcel } from '../parcel/parcel.ts';\nexport const late = parcel;\n"],
  ['parcel', 'apps/web/src/parcel/server.ts', "import { room } from '../server/room.ts';\nexport const server = room;\n"],
  [
    'doors',
    'apps/web/src/server/window.ts',
    "import { size } from '../../../../packages/core/src/engineering/geometry/size.ts';\nexport const window = size;\n",
  ],
  [
    'no-circles',
    'packages/core/src/units/about.ts',
    "import { round } from './round.ts';\nexport const about = () => round;\n",
    {
      'packages/core/src/units/round.ts': "import { about } from './about.ts';\nexport const round = () => about;\n",
    },
  ],
];

// all of them at once: each is told of by its own line
describe('planted violations', () => {
  let lines: string[];
  beforeAll(() => {
    for (const [, path, text, more = {}] of VIOLATIONS) for (const [at, one] of [[path, text], ...Object.entries(more)]) write(at!, one!);
    const { ok, said } = check();
    expect(ok).toBe(false);
    lines = said.split('\n');
  });
  test.each(VIOLATIONS)('of %s is found in %s', (rule, path) =>
    expect(lines.filter((line) => line.includes(`${rule}:`) && line.includes(path))).not.toEqual([]),
  );
});
