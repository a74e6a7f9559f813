import type { Archetype, ArchetypeKey } from './Archetype.ts';
import { CASTING, kind, SLEEVE, STURDY, THIN_WARE } from './kindOfPiece.ts';

const ALL = [
  kind('denseGlass', 'g', 'dense glass or stone', 'block', [390, 0.5, 6, 0.25], [4, 4, 3], 0.06, {
    feel: STURDY,
    bends: 'glass',
    harm: { crush: 0.3 },
  }),
  kind('resinWood', 'w', 'resin or wood', 'irregular', [300, 0.5, 8, 0.35], [7, 5, 6], 0.018, { feel: STURDY, harm: { crush: 0.3 } }),
  kind('compactCeramic', 'c', 'compact ceramic', 'cylinder', [170, 0.5, 2, 0.25], [6, 5, 5], 0.0133, { feel: THIN_WARE, bends: 'brittle' }),
  kind('handledWare', 'h', 'handled or spouted ware', 'ovoid', [160, 0.5, 2, 0.25], [9, 6, 6], 0.0068, {
    feel: THIN_WARE,
    bends: 'brittle',
    hardPoints: [
      ['handle', 'right'],
      ['spout', 'left'],
    ],
  }),
  kind('blownGlass', 'b', 'thin blown glass', 'cylinder', [190, 0.5, 2, 0.3], [4, 4, 8], 0.008, {
    feel: THIN_WARE,
    bends: 'glass',
    finish: 'polished',
    hardPoints: [['rim', 'top']],
  }),
  kind('pressedGlass', 'd', 'pressed glassware', 'ovoid', [280, 0.5, 2, 0.3], [7, 7, 4], 0.012, {
    feel: THIN_WARE,
    bends: 'glass',
    finish: 'polished',
    hardPoints: [['rim', 'top']],
  }),
  kind('thinFigure', 'f', 'figure with thin parts', 'irregular', [150, 0.5, 2, 0.35], [5, 4, 9], 0.01, {
    feel: THIN_WARE,
    bends: 'brittle',
    keepUpright: true,
    hardPoints: [['ear', 'left']],
  }),
  kind('globeShade', 's', 'large globe or shade', 'ovoid', [160, 0.5, 1.5, 0.25], [12, 12, 12], 0.0025, {
    feel: THIN_WARE,
    bends: 'glass',
    keepUpright: true,
    hardPoints: [['rim', 'bottom']],
  }),
  kind('glazedFlat', 'p', 'glazed picture', 'framed', [200, 0.5, 2, 0.35], [16, 1.5, 12], 0.012, {
    feel: THIN_WARE,
    bends: 'glass',
    hardPoints: [['glazing', 'front']],
  }),
  kind('fineMetal', 'm', 'metal with a fine face', 'block', [250, 0, 6, 0.35], [6, 4, 4], 0.06, {
    feel: STURDY,
    finish: 'polished',
    harm: { crush: 0.3, contact: 0.5 },
  }),
  kind('machinedCasting', 'v', 'machined casting, fine face', 'block', [250, 0, 8, 0.35], [16, 8, 6], 0.05, {
    feel: CASTING,
    harm: { crush: 0.1, contact: 0.3 },
    hardPoints: [['machinedFace', 'top']],
  }),
  kind('brassHorn', 'j', 'sheet-brass horn', 'irregular', [80, 0, 3, 0.3], [24, 12, 10], 0.002, {
    feel: THIN_WARE,
    finish: 'polished',
    harm: { crush: 0.5 },
  }),
  kind('tubularFrame', 'l', 'frame, wheeled or tubular', 'irregular', [170, 0, 4, 0.35], [36, 20, 10], 0.003, {
    feel: SLEEVE,
    harm: { crush: 0.3, contact: 0.5 },
  }),
  kind('boxedElectronics', 'e', 'electronics', 'block', [180, 0, 7, 0.3], [14, 10, 6], 0.012, {
    feel: STURDY,
    harm: { crush: 0.3, contact: 0.5 },
  }),
  kind('clockwork', 'k', 'clockwork or balance', 'block', [85, 0, 3, 0.3], [8, 6, 10], 0.02, {
    feel: STURDY,
    keepUpright: true,
    hardPoints: [['mechanism', 'top']],
    harm: { crush: 0.5, contact: 0.5 },
  }),
  kind('optics', 'o', 'optics', 'tube', [115, 0, 6, 0.25], [10, 3, 3], 0.03, {
    feel: STURDY,
    finish: 'polished',
    harm: { crush: 0.5, contact: 0.5 },
  }),
  kind('casedInstrument', 'i', 'instrument in its case', 'block', [100, 0, 5, 0.25], [10, 8, 6], 0.015, {
    cased: true,
    hardPoints: [['hinge', 'back']],
    harm: { crush: 0.3, contact: 0.2 },
  }),
  kind('boxedSet', 'x', 'boxed set', 'block', [150, 0, 5, 0.35], [10, 8, 3], 0.014, { cased: true, harm: { crush: 0.3, contact: 0.2 } }),
  kind('boxedGoods', 'q', 'boxed household goods', 'block', [400, 0, 36, 0.35], [11, 6, 5], 0.01, {
    cased: true,
    harm: { crush: 0.3, contact: 0.2, punch: 0.3 },
  }),
  kind('shoes', 'y', 'shoes', 'block', null, [12, 8, 5], 0.006, { giveIn: 0.25, harm: { crush: 0.1, punch: 0, mishap: 0.3 } }),
  kind('paperGoods', 'a', 'paper', 'plate', null, [18, 12, 1], 0.02, {
    bends: 'paper',
    giveIn: 0.02,
    flat: true,
    dampSensitive: true,
    harm: { crush: 0.1, punch: 0, mishap: 0.3 },
  }),
  kind('paperStack', 'z', 'stack of paper', 'block', null, [12, 9, 4], 0.028, {
    giveIn: 0.02,
    dampSensitive: true,
    harm: { crush: 0.1, punch: 0, mishap: 0.3 },
  }),
  kind('textile', 't', 'textile', 'irregular', null, [12, 10, 4], 0.006, {
    giveIn: 0.5,
    flat: true,
    dampSensitive: true,
    harm: { crush: 0, punch: 0, mishap: 0.3 },
  }),
  kind('rigidMetal', 'r', 'rigid metal', 'block', null, [8, 4, 4], 0.12, { harm: { crush: 0.1, punch: 0.3, mishap: 0.3 } }),
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
