import { judgement, type Provenance } from '../../sources/index.ts';
import type { FormKey } from './forms.ts';
import type { Face, HardPointKind } from './hardPoints.ts';

export type ArchetypeKey =
  | 'denseGlass'
  | 'resinWood'
  | 'compactCeramic'
  | 'handledWare'
  | 'blownGlass'
  | 'thinFigure'
  | 'globeShade'
  | 'glazedFlat'
  | 'fineMetal'
  | 'boxedElectronics'
  | 'clockwork'
  | 'optics'
  | 'casedInstrument'
  | 'boxedSet'
  | 'shoes'
  | 'paperGoods'
  | 'textile'
  | 'rigidMetal';

export type Finish = 'plain' | 'polished' | 'rubsOff' | 'uncured';

/** A kind of piece: one choice presets form, finish, fragility and the usual hard points. */
export interface Archetype {
  readonly key: ArchetypeKey;
  readonly name: string;
  /** The one key that picks it. */
  readonly hotkey: string;
  readonly form: FormKey;
  readonly finish: Finish;
  /** Median critical acceleration of the body at 6 in, g; null when shock does not limit it. */
  readonly referenceG: number | null;
  /** Chips, cracks or dents at its edges, so the feel test applies. */
  readonly brittle: boolean;
  /** Flat goods that crush and bend rather than shatter. */
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

type Extras = Partial<Pick<Archetype, 'finish' | 'brittle' | 'flat' | 'dampSensitive' | 'keepUpright' | 'hardPoints'>>;
const kind = <Key extends ArchetypeKey>(
  key: Key,
  hotkey: string,
  name: string,
  form: FormKey,
  referenceG: number | null,
  typicalSizeIn: Archetype['typicalSizeIn'],
  typicalLbPerIn3: number,
  words: string,
  extras: Extras = {},
): Archetype & { readonly key: Key } => ({
  key,
  hotkey,
  name,
  form,
  referenceG,
  typicalSizeIn,
  typicalLbPerIn3,
  words: words.split(' '),
  finish: 'plain',
  brittle: true,
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
    350,
    [4, 4, 3],
    0.06,
    'paperweight stone marble prism slab crystal lens-blank kaleidoscope',
  ),
  kind('resinWood', 'w', 'resin or wood', 'irregular', 300, [7, 5, 6], 0.018, 'wood wooden resin oak carved bakelite treen'),
  kind(
    'compactCeramic',
    'c',
    'compact ceramic',
    'cylinder',
    190,
    [6, 5, 5],
    0.0133,
    'bowl vase pot crock jar dial tile ceramic porcelain stoneware dish ramekin',
  ),
  kind(
    'handledWare',
    'h',
    'handled or spouted ware',
    'ovoid',
    190,
    [9, 6, 6],
    0.0068,
    'jug urn teapot pitcher mug ewer kettle cup tankard',
    {
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
    190,
    [4, 4, 8],
    0.008,
    'glass float flask bottle storm decanter goblet apothecary',
    { finish: 'polished', hardPoints: [['rim', 'top']] },
  ),
  kind('thinFigure', 'f', 'figure with thin parts', 'irregular', 170, [5, 4, 9], 0.01, 'figure figurine head bust statuette plaster', {
    keepUpright: true,
    hardPoints: [['ear', 'left']],
  }),
  kind('globeShade', 's', 'large globe or shade', 'ovoid', 170, [12, 12, 12], 0.0025, 'shade globe dome bell-jar', {
    keepUpright: true,
    hardPoints: [['rim', 'bottom']],
  }),
  kind('glazedFlat', 'p', 'glazed picture', 'framed', 200, [16, 1.5, 12], 0.012, 'picture mirror framed print pane photograph fern', {
    hardPoints: [['glazing', 'front']],
  }),
  kind('fineMetal', 'm', 'metal with a fine face', 'block', 250, [6, 4, 4], 0.06, 'lathe gauge micrometer brass lamp level', {
    finish: 'polished',
  }),
  kind('boxedElectronics', 'e', 'boxed electronics', 'block', 140, [14, 10, 6], 0.012, 'radio receiver amplifier electronic console', {
    brittle: false,
  }),
  kind(
    'clockwork',
    'k',
    'clockwork or balance',
    'block',
    130,
    [8, 6, 10],
    0.02,
    'clock orrery scale balance barograph metronome music-box',
    { keepUpright: true, hardPoints: [['mechanism', 'top']] },
  ),
  kind('optics', 'o', 'optics', 'tube', 115, [10, 3, 3], 0.03, 'telescope microscope camera binoculars sextant lens', {
    finish: 'polished',
  }),
  kind('casedInstrument', 'i', 'instrument in its case', 'block', 115, [10, 8, 6], 0.015, 'barometer case cased instrument chronometer', {
    brittle: false,
    hardPoints: [['hinge', 'back']],
  }),
  kind('boxedSet', 'x', 'boxed set', 'block', 190, [10, 8, 3], 0.014, 'set hydrometers boxed', { brittle: false }),
  kind('shoes', 'y', 'shoes', 'block', null, [12, 8, 5], 0.006, 'shoes boots', { brittle: false }),
  kind('paperGoods', 'a', 'paper', 'plate', null, [18, 12, 1], 0.02, 'chart charts map book poster sign-card documents paper', {
    brittle: false,
    flat: true,
    dampSensitive: true,
  }),
  kind('textile', 't', 'textile', 'irregular', null, [12, 10, 4], 0.006, 'textile coat quilt flag cloth rug', {
    brittle: false,
    dampSensitive: true,
  }),
  kind('rigidMetal', 'r', 'rigid metal', 'block', null, [8, 4, 4], 0.12, 'iron cast weight weights steel anvil enamel sign', {
    brittle: false,
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
