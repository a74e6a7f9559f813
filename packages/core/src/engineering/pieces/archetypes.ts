import { judgement, type Provenance } from '../../sources/index.ts';
import type { FormKey } from './forms.ts';
import type { Face, HardPointKind } from './hardPoints.ts';

export type ArchetypeKey =
  | 'denseGlass'
  | 'resinWood'
  | 'compactCeramic'
  | 'handledWare'
  | 'blownGlass'
  | 'pressedGlass'
  | 'thinFigure'
  | 'globeShade'
  | 'glazedFlat'
  | 'fineMetal'
  | 'machinedCasting'
  | 'brassHorn'
  | 'tubularFrame'
  | 'boxedElectronics'
  | 'clockwork'
  | 'optics'
  | 'casedInstrument'
  | 'boxedSet'
  | 'boxedGoods'
  | 'shoes'
  | 'paperGoods'
  | 'paperStack'
  | 'textile'
  | 'rigidMetal';

export type Finish = 'plain' | 'polished' | 'rubsOff' | 'uncured';

/** What shock does to a kind of piece. */
export interface Fragility {
  /** Median critical acceleration of the body at 6 in, g. */
  readonly referenceG: number;
  /** How strength falls with size: 0.5 for what shatters, 0 for what bends or goes out of true. */
  readonly sizeExponent: number;
  /** Bare drop that the body stands (its damage boundary), inches. */
  readonly ownHeightIn: number;
  /** How unsure we are of the kind’s median: a spread of its logarithm. */
  readonly medianSpread: number;
}

/** How much of the harm that the other causes do to a bare brittle piece they do to this kind. */
export interface HarmShares {
  readonly crush: number;
  readonly contact: number;
  readonly punch: number;
  readonly mishap: number;
}

/** What a hand must not feel: cover over every edge and over every hard point, and how much larger the bundle must be; inches. */
export interface FeelRule {
  readonly edgeIn: number;
  readonly pointIn: number;
  readonly growthIn: number;
}

/** A kind of piece: one choice presets form, finish, fragility and the usual hard points. */
export interface Archetype {
  readonly key: ArchetypeKey;
  readonly name: string;
  /** The one key that picks it. */
  readonly hotkey: string;
  readonly form: FormKey;
  readonly finish: Finish;
  /** Null when shock does not limit it. */
  readonly fragility: Fragility | null;
  readonly harm: HarmShares;
  /** Null where nothing needs to be kept from being felt. */
  readonly feel: FeelRule | null;
  /** In a case or box of its own: it sinks and drifts as a box does, and needs no wrap. */
  readonly cased: boolean;
  /** How a thin one bends: glass and other brittle stuff breaks, paper is spoilt. */
  readonly bends: 'glass' | 'brittle' | 'paper' | null;
  /** Flat goods that go into envelopes. */
  readonly flat: boolean;
  readonly dampSensitive: boolean;
  /** Travels standing unless somebody says otherwise. */
  readonly keepUpright: boolean;
  readonly hardPoints: readonly (readonly [HardPointKind, Face])[];
  /** Typical size and weight over its enclosing box, for guessing what was not measured. */
  readonly typicalSizeIn: readonly [number, number, number];
  readonly typicalLbPerIn3: number;
  /** Words in a title that suggest it. */
  readonly words: readonly string[];
  readonly provenance: Provenance;
}

const THIN_WARE: FeelRule = { edgeIn: 0.45, pointIn: 0.7, growthIn: 1 };
const STURDY: FeelRule = { edgeIn: 0.3, pointIn: 0.5, growthIn: 0.8 };
/** A casting’s edges; its fine face may have a card instead. */
const CASTING: FeelRule = { edgeIn: 0.3, pointIn: 0.3, growthIn: 0 };
/** A sleeve round the tubes. */
const SLEEVE: FeelRule = { edgeIn: 0.4, pointIn: 0.4, growthIn: 0 };

type Shock = readonly [referenceG: number, sizeExponent: number, ownHeightIn: number, medianSpread: number];
type Extras = Partial<Pick<Archetype, 'finish' | 'feel' | 'cased' | 'bends' | 'flat' | 'dampSensitive' | 'keepUpright' | 'hardPoints'>> & {
  readonly harm?: Partial<HarmShares>;
};
const kind = <Key extends ArchetypeKey>(
  key: Key,
  hotkey: string,
  name: string,
  form: FormKey,
  shock: Shock | null,
  typicalSizeIn: Archetype['typicalSizeIn'],
  typicalLbPerIn3: number,
  words: string,
  { harm, ...extras }: Extras = {},
): Archetype & { readonly key: Key } => ({
  key,
  hotkey,
  name,
  form,
  fragility: shock && { referenceG: shock[0], sizeExponent: shock[1], ownHeightIn: shock[2], medianSpread: shock[3] },
  harm: { crush: 1, contact: 1, punch: 1, mishap: 1, ...harm },
  typicalSizeIn,
  typicalLbPerIn3,
  words: words.split(' '),
  finish: 'plain',
  feel: null,
  cased: false,
  bends: null,
  flat: false,
  dampSensitive: false,
  keepUpright: false,
  hardPoints: [],
  provenance: judgement(),
  ...extras,
});

const ALL = [
  kind(
    'denseGlass',
    'g',
    'dense glass or stone',
    'block',
    [390, 0.5, 6, 0.25],
    [4, 4, 3],
    0.06,
    'paperweight stone marble prism slab crystal lens-blank kaleidoscope bookend bookends',
    { feel: STURDY, bends: 'glass', harm: { crush: 0.3 } },
  ),
  kind(
    'resinWood',
    'w',
    'resin or wood',
    'irregular',
    [300, 0.5, 8, 0.35],
    [7, 5, 6],
    0.018,
    'wood wooden resin oak carved bakelite treen',
    {
      feel: STURDY,
      harm: { crush: 0.3 },
    },
  ),
  kind(
    'compactCeramic',
    'c',
    'compact ceramic',
    'cylinder',
    [170, 0.5, 2, 0.25],
    [6, 5, 5],
    0.0133,
    'bowl vase pot crock jar dial tile ceramic porcelain stoneware dish ramekin',
    { feel: THIN_WARE, bends: 'brittle' },
  ),
  kind(
    'handledWare',
    'h',
    'handled or spouted ware',
    'ovoid',
    [160, 0.5, 2, 0.25],
    [9, 6, 6],
    0.0068,
    'jug urn teapot pitcher mug ewer kettle cup tankard',
    {
      feel: THIN_WARE,
      bends: 'brittle',
      hardPoints: [
        ['handle', 'right'],
        ['spout', 'left'],
      ],
    },
  ),
  kind(
    'blownGlass',
    'b',
    'thin blown glass',
    'cylinder',
    [190, 0.5, 2, 0.3],
    [4, 4, 8],
    0.008,
    'glass float flask bottle storm decanter goblet apothecary',
    { feel: THIN_WARE, bends: 'glass', finish: 'polished', hardPoints: [['rim', 'top']] },
  ),
  kind(
    'pressedGlass',
    'd',
    'pressed glassware',
    'ovoid',
    [280, 0.5, 2, 0.3],
    [7, 7, 4],
    0.012,
    'pressed compote celery salver tumbler tumblers sundae cut-glass',
    { feel: THIN_WARE, bends: 'glass', finish: 'polished', hardPoints: [['rim', 'top']] },
  ),
  kind(
    'thinFigure',
    'f',
    'figure with thin parts',
    'irregular',
    [150, 0.5, 2, 0.35],
    [5, 4, 9],
    0.01,
    'figure figurine head bust statuette plaster',
    { feel: THIN_WARE, bends: 'brittle', keepUpright: true, hardPoints: [['ear', 'left']] },
  ),
  kind('globeShade', 's', 'large globe or shade', 'ovoid', [160, 0.5, 1.5, 0.25], [12, 12, 12], 0.0025, 'shade globe dome bell-jar', {
    feel: THIN_WARE,
    bends: 'glass',
    keepUpright: true,
    hardPoints: [['rim', 'bottom']],
  }),
  kind(
    'glazedFlat',
    'p',
    'glazed picture',
    'framed',
    [200, 0.5, 2, 0.35],
    [16, 1.5, 12],
    0.012,
    'picture mirror framed print pane photograph fern',
    { feel: THIN_WARE, bends: 'glass', hardPoints: [['glazing', 'front']] },
  ),
  kind('fineMetal', 'm', 'metal with a fine face', 'block', [250, 0, 6, 0.35], [6, 4, 4], 0.06, 'lathe gauge micrometer brass lamp level', {
    feel: STURDY,
    finish: 'polished',
    harm: { crush: 0.3, contact: 0.5 },
  }),
  kind(
    'machinedCasting',
    'v',
    'machined casting, fine face',
    'block',
    [250, 0, 8, 0.35],
    [16, 8, 6],
    0.05,
    'casting pump cylinder-head flywheel lathe-bed bearing manifold carburettor',
    { feel: CASTING, harm: { crush: 0.1, contact: 0.3 }, hardPoints: [['machinedFace', 'top']] },
  ),
  kind('brassHorn', 'j', 'sheet-brass horn', 'irregular', [80, 0, 3, 0.3], [24, 12, 10], 0.002, 'horn trumpet cornet bugle tuba foghorn', {
    feel: THIN_WARE,
    finish: 'polished',
    harm: { crush: 0.5 },
  }),
  kind(
    'tubularFrame',
    'l',
    'frame, wheeled or tubular',
    'irregular',
    [170, 0, 4, 0.35],
    [36, 20, 10],
    0.003,
    'wheels wheeled bicycle barrow trolley frame pram tricycle',
    { feel: SLEEVE, harm: { crush: 0.3, contact: 0.5 } },
  ),
  kind(
    'boxedElectronics',
    'e',
    'electronics',
    'block',
    [180, 0, 7, 0.3],
    [14, 10, 6],
    0.012,
    'radio receiver amplifier electronic console',
    { feel: STURDY, harm: { crush: 0.3, contact: 0.5 } },
  ),
  kind(
    'clockwork',
    'k',
    'clockwork or balance',
    'block',
    [85, 0, 3, 0.3],
    [8, 6, 10],
    0.02,
    'clock orrery scale balance barograph metronome music-box',
    { feel: STURDY, keepUpright: true, hardPoints: [['mechanism', 'top']], harm: { crush: 0.5, contact: 0.5 } },
  ),
  kind(
    'optics',
    'o',
    'optics',
    'tube',
    [115, 0, 6, 0.25],
    [10, 3, 3],
    0.03,
    'telescope microscope camera binoculars sextant lens rangefinder',
    {
      feel: STURDY,
      finish: 'polished',
      harm: { crush: 0.5, contact: 0.5 },
    },
  ),
  kind(
    'casedInstrument',
    'i',
    'instrument in its case',
    'block',
    [100, 0, 5, 0.25],
    [10, 8, 6],
    0.015,
    'barometer case cased instrument chronometer',
    { cased: true, hardPoints: [['hinge', 'back']], harm: { crush: 0.3, contact: 0.2 } },
  ),
  kind('boxedSet', 'x', 'boxed set', 'block', [150, 0, 5, 0.35], [10, 8, 3], 0.014, 'set hydrometers boxed', {
    cased: true,
    harm: { crush: 0.3, contact: 0.2 },
  }),
  kind(
    'boxedGoods',
    'q',
    'boxed household goods',
    'block',
    [400, 0, 36, 0.35],
    [11, 6, 5],
    0.01,
    'mixer toaster blender iron-boxed utensils',
    {
      cased: true,
      harm: { crush: 0.3, contact: 0.2, punch: 0.3 },
    },
  ),
  kind('shoes', 'y', 'shoes', 'block', null, [12, 8, 5], 0.006, 'shoes boots', { harm: { crush: 0.1, punch: 0, mishap: 0.3 } }),
  kind('paperGoods', 'a', 'paper', 'plate', null, [18, 12, 1], 0.02, 'chart charts map poster sign-card documents paper', {
    bends: 'paper',
    flat: true,
    dampSensitive: true,
    harm: { crush: 0.1, punch: 0, mishap: 0.3 },
  }),
  kind('paperStack', 'z', 'stack of paper', 'block', null, [12, 9, 4], 0.028, 'book books albums magazines ledgers volumes', {
    dampSensitive: true,
    harm: { crush: 0.1, punch: 0, mishap: 0.3 },
  }),
  kind('textile', 't', 'textile', 'irregular', null, [12, 10, 4], 0.006, 'textile coat quilt flag flags cloth rug', {
    dampSensitive: true,
    harm: { crush: 0, punch: 0, mishap: 0.3 },
  }),
  kind('rigidMetal', 'r', 'rigid metal', 'block', null, [8, 4, 4], 0.12, 'iron cast weight weights steel anvil enamel sign', {
    harm: { crush: 0.1, punch: 0.3, mishap: 0.3 },
  }),
] as const satisfies readonly Archetype[];
/** Every kind is among them, or this does not compile. */
type Missing = Exclude<ArchetypeKey, (typeof ALL)[number]['key']>;
const whole: [Missing] extends [never] ? true : Missing = true;
void whole;

/** All archetypes by key, in the order they are offered. */
export const ARCHETYPES: Readonly<Record<ArchetypeKey, Archetype>> = Object.fromEntries(ALL.map((one) => [one.key, one])) as Record<
  ArchetypeKey,
  Archetype
>;

/**
 * The archetype a title suggests: the one with most of its words in it, the last such word deciding a
 * draw, since the noun comes last.
 *
 * @returns null when no word is known
 */
export function archetypeFromTitle(title: string): ArchetypeKey | null {
  const words = title.toLowerCase().match(/[a-zà-ÿ]+(?:-[a-zà-ÿ]+)*/g) ?? [];
  let best: { key: ArchetypeKey; hits: number; last: number } | null = null;
  for (const one of ALL) {
    const hits = words.flatMap((word, i) => (one.words.some((known) => known === word || `${known}s` === word) ? [i] : []));
    const last = hits.at(-1) ?? -1;
    if (hits.length > 0 && (!best || hits.length > best.hits || (hits.length === best.hits && last > best.last))) {
      best = { key: one.key, hits: hits.length, last };
    }
  }
  return best?.key ?? null;
}
