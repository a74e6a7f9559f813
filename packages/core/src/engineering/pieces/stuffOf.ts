import type { ArchetypeKey } from './Archetype.ts';

/** Words for what ware is made of, by the kind such ware is, whatever its shape. Judgement. */
const STUFF: Readonly<Partial<Record<ArchetypeKey, string>>> = {
  rigidMetal:
    'pewter copper bronze iron cast-iron wrought-iron tin tinplate steel silver silver-plated spelter zinc aluminium brass enamel',
  resinWood: 'wood wooden oak walnut teak mahogany olivewood treen bakelite resin',
  pressedGlass:
    'opaline cut-glass pressed-glass milk-glass carnival-glass depression-glass slag-glass vaseline-glass uranium-glass custard-glass',
  denseGlass: 'marble alabaster onyx granite soapstone jade',
  blownGlass: 'glass crystal',
};
const KIND_OF = new Map(Object.entries(STUFF).flatMap(([kind, words]) => words.split(' ').map((word) => [word, kind as ArchetypeKey])));

/** What a thing is taken for of which nothing is known but that it is of this: a face that is polished is taken care of. Judgement. */
const OF_ALONE = new Map<string, ArchetypeKey>([
  ...KIND_OF,
  ...['bronze', 'brass', 'pewter', 'silver', 'silver-plated', 'copper', 'spelter', 'gilt', 'ormolu'].map(
    (word) => [word, 'fineMetal'] as const,
  ),
  ...['leather', 'suede', 'silk', 'velvet', 'wool', 'woollen', 'linen', 'cotton', 'knitted'].map((word) => [word, 'textile'] as const),
  ...['wicker', 'bamboo', 'rattan', 'papier-mâché'].map((word) => [word, 'resinWood'] as const),
  ...['earthenware', 'china', 'majolica', 'bisque', 'terracotta', 'faience'].map((word) => [word, 'compactCeramic'] as const),
]);

/** The kind of a thing whose noun nobody knows, by the last word that says what it is made of: `bronze dog`; null where none does. */
export const kindOfStuff = (words: readonly string[]): ArchetypeKey | null =>
  words.flatMap((word) => OF_ALONE.get(word) ?? []).at(-1) ?? null;

/** Things that are of metal until they are said to be of something else, and what else they may be. Judgement. */
const METAL_UNTIL_SAID = ['candlestick', 'candelabra', 'inkwell', 'lamp', 'bell', 'toy', 'thimble'];
const CERAMICS = ['porcelain', 'ceramic', 'stoneware', 'earthenware', 'pottery', 'china', 'majolica'];
/** What else than of one kind ware may be, ceramics among it. */
const elseThan = (usual: ArchetypeKey): ReadonlyMap<string, ArchetypeKey> =>
  new Map([...[...KIND_OF].filter(([, kind]) => kind !== usual), ...CERAMICS.map((word) => [word, 'compactCeramic'] as const)]);
const ELSE_OF_METAL = elseThan('rigidMetal');
const ELSE_OF_WOOD = elseThan('resinWood');

/** Figures are solid of these. */
const SOLID_METAL = ['bronze', 'brass', 'pewter', 'iron', 'cast-iron', 'silver', 'copper', 'steel'];

/** Kinds whose nouns name a shape that is made of many things: a jug is ceramic until it is said to be pewter. */
const SHAPES: readonly ArchetypeKey[] = ['compactCeramic', 'handledWare', 'blownGlass'];

/**
 * The kind that goes by what ware is said to be made of: `pewter jug`, `wooden bowl`.
 *
 * @param kind what its noun suggests
 * @param at where that noun stands among the words
 */
export function kindByStuff(kind: ArchetypeKey, words: readonly string[], at: number): ArchetypeKey {
  const said = (some: readonly string[], known: ReadonlyMap<string, ArchetypeKey> = KIND_OF) =>
    some.flatMap((word) => known.get(word) ?? []);
  const isOf = (noun: string) => [noun, `${noun}s`].includes(words[at]!);
  // what stands before it says so: `brass lamp, red glass` is of brass
  if (kind === 'fineMetal' && METAL_UNTIL_SAID.some(isOf)) return said(words.slice(0, at), ELSE_OF_METAL).at(-1) ?? kind;
  // solid metal has no thin parts that snap
  if (kind === 'thinFigure') return words.slice(0, at).some((word) => SOLID_METAL.includes(word)) ? 'fineMetal' : kind;
  // a rack, a spoon, a tool is of metal until it is said to be of wood
  if (kind === 'rigidMetal') return said(words.slice(0, at)).at(-1) === 'resinWood' ? 'resinWood' : kind;
  // what is mostly of wood may be of clay, stone or glass, and a toy of tin
  if (kind === 'resinWood') {
    const stuff = said(words.slice(0, at), ELSE_OF_WOOD).at(-1);
    return stuff === 'rigidMetal' ? (isOf('toy') ? 'fineMetal' : kind) : (stuff ?? kind);
  }
  if (!SHAPES.includes(kind)) return kind;
  return said(words.slice(0, at + 1)).at(-1) ?? said(words.slice(at + 1))[0] ?? kind;
}
