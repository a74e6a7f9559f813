import { judgement, type Provenance } from '../../sources/index.ts';

/** A face of the piece as it stands. */
export type Face = 'bottom' | 'top' | 'front' | 'back' | 'left' | 'right';
export const FACES: readonly Face[] = ['bottom', 'top', 'front', 'back', 'left', 'right'];

/** The axis of the piece that crosses each face. */
export const FACE_AXIS: Readonly<Record<Face, 0 | 1 | 2>> = { left: 0, right: 0, front: 1, back: 1, bottom: 2, top: 2 };

/** True for the lower, nearer or left one of the two faces across an axis. */
export const isLow = (face: Face): boolean => face === 'bottom' || face === 'front' || face === 'left';

export type HardPointKind =
  | 'handle'
  | 'lever'
  | 'spout'
  | 'tap'
  | 'stem'
  | 'rim'
  | 'finial'
  | 'ear'
  | 'nose'
  | 'fin'
  | 'wire'
  | 'hinge'
  | 'glazing'
  | 'machinedFace'
  | 'mechanism'
  | 'loosePart';

/** What of the critical acceleration is left when the part takes the shock bare. */
export interface HardPointData {
  readonly kind: HardPointKind;
  readonly name: string;
  readonly bareShare: number;
  /** A thin part that over-tight film can snap. */
  readonly slender: boolean;
  /** Stands out of the body, so that a wall or another piece may touch it; a mechanism or a loose part does not. */
  readonly touches: boolean;
  /** Stands out so that a first bubble must be small to follow it, or the part has its guard. */
  readonly needsSmallFirst: boolean;
  /** What a guard follows: straight out as far as it reaches, or the arc of a hoop that stands out so far. */
  readonly run: 'straight' | 'hoop';
  readonly provenance: Provenance;
}

type PointExtras = Partial<Pick<HardPointData, 'slender' | 'touches' | 'needsSmallFirst' | 'run'>>;
const point = (kind: HardPointKind, name: string, bareShare: number, extras: PointExtras = {}): HardPointData => ({
  kind,
  name,
  bareShare,
  slender: false,
  touches: true,
  needsSmallFirst: false,
  run: 'straight',
  provenance: judgement(),
  ...extras,
});

const STANDS_OUT: PointExtras = { needsSmallFirst: true };
const SLENDER: PointExtras = { needsSmallFirst: true, slender: true };
const WITHIN: PointExtras = { touches: false };

export const HARD_POINTS: Readonly<Record<HardPointKind, HardPointData>> = {
  handle: point('handle', 'handle', 0.85, { ...SLENDER, run: 'hoop' }),
  lever: point('lever', 'lever', 0.85, SLENDER),
  spout: point('spout', 'spout', 0.85, STANDS_OUT),
  tap: point('tap', 'tap', 0.8, STANDS_OUT),
  stem: point('stem', 'stem', 0.7, SLENDER),
  rim: point('rim', 'rim', 0.85, STANDS_OUT),
  finial: point('finial', 'finial', 0.75, SLENDER),
  ear: point('ear', 'ear', 0.75, SLENDER),
  nose: point('nose', 'nose', 0.75, SLENDER),
  fin: point('fin', 'fin', 0.75, SLENDER),
  wire: point('wire', 'wire', 0.7, SLENDER),
  hinge: point('hinge', 'hinge', 0.85),
  glazing: point('glazing', 'glazing', 0.8),
  machinedFace: point('machinedFace', 'machined face', 1, WITHIN),
  mechanism: point('mechanism', 'mechanism', 0.7, WITHIN),
  loosePart: point('loosePart', 'loose part', 0.6, WITHIN),
};

/** A weak spot of one piece: on which face, where on it (0 to 1 each way), and how far it stands out. */
export interface HardPoint {
  readonly id: string;
  readonly kind: HardPointKind;
  readonly face: Face;
  readonly across: number;
  readonly up: number;
  /** How far it reaches beyond the body, inches, within the stated size. */
  readonly reachIn: number;
  readonly guard: GuardKind | null;
  /** Length of the guard as made; null when cut as advised. */
  readonly guardLengthIn: number | null;
  /** So many layers lie under the guard, as far as there are so many; as the finish asks where nobody said. Only the order moves. */
  readonly guardOver?: number | null;
}

/** No guard lies over more layers than this. */
export const MOST_UNDER_GUARD = 6;

export type GuardKind = 'foamTube' | 'cardTube' | 'tissueRope' | 'cardFace' | 'cone' | 'cap' | 'spacer';

/** A ready or made guard for a hard point. Weight and cost are for one, or per foot of its length. */
export interface GuardData {
  readonly kind: GuardKind;
  readonly name: string;
  /** What it adds between the part and the first layer. */
  readonly thicknessIn: number;
  /** Share of what a bare part takes from the strength that this guard gives back, by the part. */
  readonly givesBack: Readonly<Record<HardPointKind, number>>;
  readonly lbPerFt: number;
  readonly lbEach: number;
  readonly minorPerFt: number;
  readonly minorEach: number;
  readonly minutes: number;
  readonly provenance: Provenance;
}

/** What a guard gives back, in the order of the model’s table; nose and fin are as ears, a lever is as a handle. */
type GivesBack = readonly [
  handle: number,
  spout: number,
  tap: number,
  finial: number,
  ear: number,
  rim: number,
  stem: number,
  wire: number,
  hinge: number,
  glazing: number,
  mechanism: number,
  loosePart: number,
];
const guard = (
  kind: GuardKind,
  name: string,
  thicknessIn: number,
  [handle, spout, tap, finial, ear, rim, stem, wire, hinge, glazing, mechanism, loosePart]: GivesBack,
  perFoot: readonly [number, number],
  each: readonly [number, number],
  minutes: number,
): GuardData => ({
  kind,
  name,
  thicknessIn,
  givesBack: {
    handle,
    lever: handle,
    spout,
    tap,
    finial,
    ear,
    nose: ear,
    fin: ear,
    rim,
    stem,
    wire,
    hinge,
    glazing,
    machinedFace: 0,
    mechanism,
    loosePart,
  },
  lbPerFt: perFoot[0],
  minorPerFt: perFoot[1],
  lbEach: each[0],
  minorEach: each[1],
  minutes,
  provenance: judgement(),
});

export const GUARDS: Readonly<Record<GuardKind, GuardData>> = {
  foamTube: guard('foamTube', 'foam-tube collar', 0.4, [0.6, 0.6, 0.6, 0.6, 0.6, 0.5, 0.6, 0.5, 0.3, 0, 0, 0.2], [0.02, 30], [0, 0], 2),
  cardTube: guard('cardTube', 'card tube', 0.1, [0.4, 0.4, 0.5, 0.5, 0.4, 0.2, 0.6, 0.5, 0.2, 0, 0, 0.1], [0, 0], [0.03, 0], 1),
  tissueRope: guard('tissueRope', 'tissue rope', 0.25, [0.5, 0.3, 0.4, 0.3, 0.4, 0.2, 0.5, 0.5, 0.2, 0, 0.1, 0.5], [0, 0], [0.01, 6], 1.5),
  cardFace: guard('cardFace', 'card over the face', 0.16, [0.1, 0.1, 0.1, 0.1, 0.1, 0.4, 0.1, 0.2, 0.2, 0.5, 0, 0.2], [0, 0], [0.05, 4], 4),
  cone: guard('cone', 'cone', 0.3, [0.3, 0.6, 0.5, 0.7, 0.5, 0.2, 0.4, 0.4, 0.1, 0, 0, 0.1], [0, 0], [0.06, 90], 2),
  cap: guard('cap', 'end cap', 0.3, [0.3, 0.5, 0.5, 0.6, 0.4, 0.5, 0.3, 0.3, 0.2, 0, 0, 0.2], [0, 0], [0.01, 15], 0.5),
  spacer: guard('spacer', 'spacer', 0.2, [0.3, 0.2, 0.3, 0.2, 0.3, 0.2, 0.5, 0.5, 0.6, 0.3, 0.85, 0.9], [0, 0], [0.05, 20], 3),
};

/** Share of the body’s strength that is left at a hard point, bare or in its guard. */
export function shareLeft({ kind, guard: own }: Pick<HardPoint, 'kind' | 'guard'>): number {
  const { bareShare } = HARD_POINTS[kind];
  return own === null ? bareShare : bareShare + (1 - bareShare) * GUARDS[own].givesBack[kind];
}

/** The guards of a hard point, the one that gives back most first; those that give back nothing are left out. */
export const guardsFor = (kind: HardPointKind): GuardData[] =>
  Object.values(GUARDS)
    .filter((one) => one.givesBack[kind] > 0 || (kind === 'machinedFace' && one.kind === 'cardFace'))
    .sort((a, b) => b.givesBack[kind] - a.givesBack[kind]);

/** A guard reaches beyond the part it protects by this much, inches. Common practice, no source. */
export const GUARD_OVERREACH_IN = 0.5;

/**
 * Length a guard should be cut to, inches: as long as the part runs, and a little. A hoop that stands out by its reach runs half a
 * circle of that radius.
 */
export const guardLengthAdvisedIn = ({ kind, reachIn }: Pick<HardPoint, 'kind' | 'reachIn'>): number =>
  (HARD_POINTS[kind].run === 'hoop' ? Math.PI * reachIn : reachIn) + GUARD_OVERREACH_IN;
