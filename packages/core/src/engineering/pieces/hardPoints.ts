import { judgement, type Provenance } from '../../sources/index.ts';

/** A face of the piece as it stands. */
export type Face = 'bottom' | 'top' | 'front' | 'back' | 'left' | 'right';
export const FACES: readonly Face[] = ['bottom', 'top', 'front', 'back', 'left', 'right'];

/** The axis of the piece that crosses each face. */
export const FACE_AXIS: Readonly<Record<Face, 0 | 1 | 2>> = { left: 0, right: 0, front: 1, back: 1, bottom: 2, top: 2 };

export type HardPointKind =
  'handle' | 'spout' | 'tap' | 'stem' | 'rim' | 'finial' | 'ear' | 'wire' | 'hinge' | 'glazing' | 'mechanism' | 'loosePart';

/** What of the critical acceleration is left when the part takes the shock, bare and guarded. */
export interface HardPointData {
  readonly kind: HardPointKind;
  readonly name: string;
  readonly bareShare: number;
  readonly guardedShare: number;
  /** A thin part that over-tight film can snap. */
  readonly slender: boolean;
  readonly provenance: Provenance;
}

const point = (kind: HardPointKind, name: string, bareShare: number, guardedShare: number, slender = false): HardPointData => ({
  kind,
  name,
  bareShare,
  guardedShare,
  slender,
  provenance: judgement(),
});

export const HARD_POINTS: Readonly<Record<HardPointKind, HardPointData>> = {
  handle: point('handle', 'handle', 0.85, 0.95, true),
  spout: point('spout', 'spout', 0.85, 0.95),
  tap: point('tap', 'tap', 0.8, 0.95),
  stem: point('stem', 'stem', 0.7, 0.9, true),
  rim: point('rim', 'rim', 0.85, 0.95),
  finial: point('finial', 'finial', 0.75, 0.92, true),
  ear: point('ear', 'ear', 0.75, 0.92, true),
  wire: point('wire', 'wire', 0.7, 0.9, true),
  hinge: point('hinge', 'hinge', 0.85, 0.97),
  glazing: point('glazing', 'glazing', 0.8, 0.92),
  mechanism: point('mechanism', 'mechanism', 0.6, 0.85),
  loosePart: point('loosePart', 'loose part', 0.6, 0.95),
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
}

export type GuardKind = 'foamTube' | 'cardTube' | 'tissueRope' | 'cardFace' | 'cone' | 'cap' | 'spacer';

/** A ready or made guard for a hard point. Weight and cost are for one, or per foot of its length. */
export interface GuardData {
  readonly kind: GuardKind;
  readonly name: string;
  /** What it adds between the part and the first layer. */
  readonly thicknessIn: number;
  readonly lbPerFt: number;
  readonly lbEach: number;
  readonly minorPerFt: number;
  readonly minorEach: number;
  readonly minutes: number;
  readonly provenance: Provenance;
}

const guard = (
  kind: GuardKind,
  name: string,
  thicknessIn: number,
  perFoot: readonly [number, number],
  each: readonly [number, number],
  minutes: number,
): GuardData => ({
  kind,
  name,
  thicknessIn,
  lbPerFt: perFoot[0],
  minorPerFt: perFoot[1],
  lbEach: each[0],
  minorEach: each[1],
  minutes,
  provenance: judgement(),
});

export const GUARDS: Readonly<Record<GuardKind, GuardData>> = {
  foamTube: guard('foamTube', 'foam-tube collar', 0.4, [0.02, 30], [0, 0], 2),
  cardTube: guard('cardTube', 'card tube', 0.1, [0, 0], [0.03, 0], 1),
  tissueRope: guard('tissueRope', 'tissue rope', 0.25, [0, 0], [0.01, 6], 1.5),
  cardFace: guard('cardFace', 'card over the face', 0.16, [0, 0], [0.05, 4], 4),
  cone: guard('cone', 'cone', 0.3, [0, 0], [0.06, 90], 2),
  cap: guard('cap', 'end cap', 0.3, [0, 0], [0.01, 15], 0.5),
  spacer: guard('spacer', 'spacer', 0.2, [0, 0], [0.05, 20], 3),
};

/** A guard reaches beyond the part it protects by this much, inches. Common practice, no source. */
export const GUARD_OVERREACH_IN = 0.5;

/** Length a guard should be cut to. */
export const guardLengthAdvisedIn = (point: Pick<HardPoint, 'reachIn'>): number => point.reachIn + GUARD_OVERREACH_IN;
