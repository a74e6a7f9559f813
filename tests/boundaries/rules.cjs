// Which room may know which: checked by `npm run boundaries` and, with planted violations, by a test.
const order = require('../../packages/core/src/stages/order.json');

const TESTS = '\\.test\\.tsx?$';
/** A room and the only places it may import from (paths from the root, npm packages by name). */
const room = (name, from, allowed, comment) => ({
  name,
  comment,
  severity: 'error',
  from: { path: from, pathNot: TESTS },
  to: { pathNot: allowed },
});

const CORE = '^packages/core/src/';
const CORE_DOOR = '^packages/core/src/(index|units/index)\\.ts$';
const CONTRACTS_DOOR = '^packages/contracts/src/index\\.ts$';
const FORMATS_DOOR = '^packages/formats/src/index\\.ts$';
const BACKUP_DOOR = '^packages/backup/src/index\\.ts$';
const DATA_DOOR = '^packages/data/src/index\\.ts$';
/** What the demo's carriers publish, without a database. */
const CARDS_DOOR = '^packages/data/src/demo/cards/index\\.ts$';
const npm = (...names) => names.map((name) => `node_modules/${name}/`);
const web = (folder) => `^apps/web/src/${folder}`;
/** What any screen is made with. */
const INTERFACE = npm(
  'react',
  '@types/react',
  'next',
  'antd',
  '@ant-design/[a-z-]+',
  'lucide-react',
  'react-hotkeys-hook',
  '@dnd-kit/[a-z]+',
  '@tanstack/[a-z-]+',
);

module.exports = {
  forbidden: [
    { name: 'no-circles', severity: 'error', from: {}, to: { circular: true } },
    { name: 'no-strangers', comment: 'every import is found', severity: 'error', from: { pathNot: TESTS }, to: { couldNotResolve: true } },
    {
      name: 'core-alone',
      comment: 'the core imports no package and nothing of the machine',
      severity: 'error',
      from: { path: CORE, pathNot: TESTS },
      to: { pathNot: CORE },
    },
    room('core-units', `${CORE}units/`, [`${CORE}units/`], 'units know only units'),
    room('core-sources', `${CORE}sources/`, [`${CORE}sources/`], 'sources know only sources'),
    room(
      'core-engineering',
      `${CORE}engineering/`,
      [`${CORE}(engineering|units|sources)/`],
      'engineering knows nothing of sales or parcels',
    ),
    room('core-house', `${CORE}house/`, [`${CORE}(house|units|sources)/`], 'house rules know only units and sources'),
    ...order.slice(0, -1).map((stage, i) => ({
      name: `core-stage-${stage}`,
      comment: `${stage} sees earlier stages only`,
      severity: 'error',
      from: { path: `${CORE}stages/${stage}/`, pathNot: TESTS },
      to: { path: `${CORE}(stages/(${order.slice(i + 1).join('|')})/|planParcel|index)` },
    })),
    room('contracts', '^packages/contracts/src/', ['^packages/contracts/src/', CORE_DOOR, ...npm('zod')], 'contracts: core and zod'),
    room(
      'data',
      '^packages/data/src/',
      [
        '^packages/data/src/',
        CORE_DOOR,
        CONTRACTS_DOOR,
        ...npm('sequelize', 'pg', '@types/pg', 'umzug'),
        '^node:',
        '^(crypto|util|fs|path)$',
      ],
      'data: core, contracts, sequelize, pg, umzug',
    ),
    room(
      'backup',
      '^packages/backup/src/',
      [
        '^packages/backup/src/',
        DATA_DOOR,
        ...npm('zod', 'papaparse', '@types/papaparse', 'yauzl', '@types/yauzl', 'yazl', '@types/yazl'),
        ...npm('@aws-sdk/client-s3', '@aws-sdk/lib-storage'),
        '^(node:)?(crypto|events|fs|fs/promises|os|path|readline|stream|stream/promises|util)$',
      ],
      'backup: data and files',
    ),
    room(
      'formats',
      '^packages/formats/src/',
      ['^packages/formats/src/', CORE_DOOR, CONTRACTS_DOOR, ...npm('papaparse', '@types/papaparse', 'fflate', 'dxf-writer')],
      'formats: core, contracts and the parsers of files',
    ),
    room(
      'cli',
      '^apps/cli/src/',
      ['^apps/cli/src/', CORE_DOOR, CONTRACTS_DOOR, FORMATS_DOOR, ...npm('zod'), '^(node:)?(fs)$'],
      'the command line: contracts, formats and core',
    ),
    room(
      'counter',
      '^apps/counter/src/',
      ['^apps/counter/src/', CORE_DOOR, CONTRACTS_DOOR, CARDS_DOOR, ...npm('zod'), '^(node:)?(crypto|fs|http|net|path|util)$'],
      'the carriers’ stand-in: contracts, and the cards it publishes',
    ),
    room(
      'workers',
      web('workers/'),
      [web('workers/'), web('session/answerMemory'), CORE_DOOR, CONTRACTS_DOOR, ...npm('comlink')],
      'workers: core and contracts',
    ),
    room(
      'drawings',
      web('drawings/'),
      [web('(drawings|words)/'), CORE_DOOR, ...npm('d3-[a-z]+', '@types/d3-[a-z]+', 'react', '@types/react', 'three', '@types/three')],
      'drawings: d3, three and the core’s types',
    ),
    room('words', web('words/'), [web('words/'), CORE_DOOR, CONTRACTS_DOOR], 'words: sentences from keys and figures, for anybody'),
    room(
      'session',
      web('session/'),
      [web('(session|theme|words)/'), CORE_DOOR, CONTRACTS_DOOR, ...INTERFACE, ...npm('idb')],
      'session: shop, person, requests, what is saved',
    ),
    room('parts', web('parts/'), [web('(parts|session|words)/'), CORE_DOOR, CONTRACTS_DOOR, ...INTERFACE], 'parts: ours, over Ant Design'),
    room(
      'outbox and devices',
      web('(outbox|devices)/'),
      [web('(outbox|devices|parts|session|words)/'), CORE_DOOR, CONTRACTS_DOOR, ...INTERFACE, ...npm('idb')],
      'outbox and devices: what the bench is told through',
    ),
    room(
      'parcel',
      web('parcel/'),
      [web('(parcel|outbox|devices|workers|parts|session|words)/'), CORE_DOOR, CONTRACTS_DOOR, ...INTERFACE],
      'parcel: the parcel and the nest in hand',
    ),
    room(
      'frame',
      web('frame/'),
      [web('(frame|parcel|drawings|outbox|devices|parts|session|theme|words)/'), CORE_DOOR, CONTRACTS_DOOR, ...INTERFACE],
      'frame: what stands round every station',
    ),
    {
      ...room('stations', web('(stations|beside)/([^/]+)/'), [
        web('$1/$2/'),
        web('(frame|parcel|drawings|outbox|devices|workers|parts|session|theme|words)/'),
        CORE_DOOR,
        CONTRACTS_DOOR,
        FORMATS_DOOR,
        ...INTERFACE,
        ...npm('three', '@types/three'),
      ]),
      comment: 'a station knows no other station; what two of them need lies below them',
    },
    room('theme', web('theme/'), [web('theme/'), ...npm('antd', '@fontsource[^/]*')], 'theme: tokens and fonts'),
    room(
      'server',
      web('server/'),
      [
        web('(server|words)/'),
        // what a section shows, in numbers and paths: drawn on paper as on screen
        web('drawings/(nestGeometry|pieceIn)\\.ts$'),
        CORE_DOOR,
        CONTRACTS_DOOR,
        DATA_DOOR,
        FORMATS_DOOR,
        BACKUP_DOOR,
        ...npm(
          'server-only',
          'zod',
          'next',
          'react',
          '@types/react',
          'sharp',
          'heic-decode',
          'pdfkit',
          'fontkit',
          '@types/pdfkit',
          'bwip-js',
          'tsx',
          'pino',
          'prom-client',
          '@node-rs/argon2',
          'rate-limiter-flexible',
        ),
        '^(node:)?(async_hooks|crypto|fs|fs/promises|module|path|stream|worker_threads)$',
      ],
      'server: data, contracts, formats, core',
    ),
    room(
      'app',
      web('app/'),
      [
        web('(app|stations|beside|frame|parcel|server|session|theme)/'),
        CONTRACTS_DOOR,
        ...npm('server-only', 'next', '@types/react', 'react', 'antd'),
      ],
      'app: screens and server',
    ),
    {
      name: 'doors',
      comment: 'a package is entered by its door',
      severity: 'error',
      from: { path: '^(packages|apps)/([^/]+)/', pathNot: TESTS },
      to: {
        path: '^packages/([^/]+)/src/',
        pathNot: ['^packages/$2/', CORE_DOOR, CONTRACTS_DOOR, FORMATS_DOOR, DATA_DOOR, BACKUP_DOOR, CARDS_DOOR],
      },
    },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    exclude: { path: ['\\.next/', '\\.css$', 'next-env\\.d\\.ts'] },
    includeOnly: undefined,
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.base.json' },
    enhancedResolveOptions: {
      exportsFields: ['exports'],
      conditionNames: ['import', 'require', 'node', 'default', 'types'],
      extensions: ['.ts', '.tsx', '.mjs', '.js', '.json'],
    },
  },
};
