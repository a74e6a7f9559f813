import type { Provenance } from '../../sources/index.ts';
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
  /** How much it may be pressed together on each side to go into a box, inches; judgement. */
  readonly giveIn: number;
  /** Goes into envelopes: flat goods, and what is so soft that it lies flat. Common practice, no source. */
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
