import { BOARD_GRADES, FACES, GUARD_CUTS, type BoxStock, type CutKind, type CutOrder, type Stockroom, type Triple } from '@inch-nest/core';
import { CUT_NAMES } from '../../words/cutNames.ts';

/** One figure of an order: where it stands in it, what it is called, what it may be. */
export interface CutField {
  /** Names and places from the order inward, as `inside/0`. */
  readonly path: string;
  readonly label: string;
  readonly kind: 'length' | 'number';
  readonly least: number;
  readonly most: number;
}

/** What the box shop makes, in its own words, with what it asks for and where it begins. */
export interface CutKindSays {
  readonly name: string;
  readonly says: string;
  readonly fields: readonly CutField[];
  /** The same for a box, or for the inside of one. */
  readonly begin: (insideIn: Triple, caliperIn: number) => CutOrder;
}

const length = (path: string, label: string, least = 0.1, most = 120): CutField => ({ path, label, kind: 'length', least, most });
const count = (path: string, label: string, least: number, most: number): CutField => ({ path, label, kind: 'number', least, most });
const sides = (of: 'inside' | 'box', named: string): CutField[] =>
  ['length', 'width', 'depth'].map((side, i) => length(`${of}/${i}`, `${named} ${side}`));
const rounded = (inches: number): number => Math.round(inches * 4) / 4;

/** Every kind of order has its words and fields here, or does not compile. */
export const CUT_KINDS: Readonly<Record<CutKind, CutKindSays>> = {
  cross: {
    name: CUT_NAMES.cross,
    says: 'Two strips from corner to corner that take up spare depth.',
    fields: [...sides('inside', 'Inside').slice(0, 2), length('height', 'Height of the gap')],
    begin: ([l, w], caliper) => ({ kind: 'cross', inside: [l, w], height: 3, caliper }),
  },
  cells: {
    name: CUT_NAMES.cells,
    says: 'Strips slotted into one another: a cell for each of several.',
    fields: [
      ...sides('inside', 'Inside').slice(0, 2),
      count('cells/0', 'Along the length', 1, 20),
      count('cells/1', 'Along the width', 1, 20),
      length('height', 'Height of the strips'),
    ],
    begin: ([l, w, d], caliper) => ({ kind: 'cells', inside: [l, w], cells: [3, 2], height: rounded(d * 0.75), caliper }),
  },
  lower: {
    name: CUT_NAMES.lower,
    says: 'A new fold line; corners slit to it; flaps trimmed to meet again.',
    fields: [...sides('box', 'Inside'), length('newDepth', 'New depth')],
    begin: (box, caliper) => ({ kind: 'lower', box, newDepth: rounded(box[2] * 0.75), caliper }),
  },
  shorten: {
    name: CUT_NAMES.shorten,
    says: 'A slice out of two walls and their flaps; the halves are pushed together and the joints closed with a strip.',
    fields: [...sides('box', 'Inside'), length('new', 'New length of that side')],
    begin: (box, caliper) => ({ kind: 'shorten', box, side: 'length', new: rounded(box[0] * 0.75), caliper }),
  },
  liner: {
    name: CUT_NAMES.liner,
    says: 'Panels of board inside the faces that need them.',
    fields: sides('inside', 'Inside'),
    begin: (inside, caliper) => ({ kind: 'liner', inside, caliper, faces: [...FACES] }),
  },
  pads: {
    name: CUT_NAMES.pads,
    says: 'Flat pads of the inside less a quarter of an inch: a board under it, or to take up a little depth.',
    fields: [...sides('inside', 'Inside'), count('count', 'How many', 1, 50)],
    begin: (inside, caliper) => ({ kind: 'pads', inside, count: 1, caliper }),
  },
  tubes: {
    name: CUT_NAMES.tubes,
    says: 'Foam tubes standing in the four corners, pressed between bundle and walls.',
    fields: [...sides('inside', 'Inside'), length('diameter', 'Tube across'), length('gap', 'Gap to the bundle')],
    begin: (inside) => ({ kind: 'tubes', inside, diameter: 2, gap: 1 }),
  },
  core: {
    name: CUT_NAMES.core,
    says: 'A card tube cut to stand from end to end: what is in it bears nothing.',
    fields: [...sides('inside', 'Inside'), length('diameter', 'Tube across'), length('wall', 'Its wall', 0.01, 2)],
    begin: (inside) => ({
      kind: 'core',
      inside,
      diameter: Math.max(0.5, rounded([...inside].sort((a, b) => a - b)[0]! * 0.75)),
      wall: 0.25,
    }),
  },
  wrapAround: {
    name: CUT_NAMES.wrapAround,
    says: 'One sheet folded round what lies in it, for want of a box.',
    fields: sides('inside', 'Inside'),
    begin: (inside, caliper) => ({ kind: 'wrapAround', inside, caliper }),
  },
  cap: {
    name: CUT_NAMES.cap,
    says: 'A tray of board over the end of a foot, a finial or a handle, its corners folded round and taped.',
    fields: [length('inside/0', 'The part, long'), length('inside/1', 'The part, wide'), length('reach', 'Reaches down by')],
    begin: (_, caliper) => ({ kind: 'cap', inside: [2, 2], reach: 1.5, caliper }),
  },
  spacer: {
    name: CUT_NAMES.spacer,
    says: 'A strip folded into a square tube that stands between two parts and keeps them apart.',
    fields: [length('gap', 'Between the parts'), length('depth', 'Along them'), length('height', 'Height')],
    begin: (_, caliper) => ({ kind: 'spacer', gap: 3, depth: 2, height: 3, caliper }),
  },
  rope: {
    name: CUT_NAMES.rope,
    says: 'Sheets of tissue drawn out, twisted and wound round a thin part, turn beside turn.',
    fields: [
      length('run', 'Length of the part'),
      length('part', 'The part, thick', 0.05, 12),
      length('thick', 'The rope, thick', 0.2, 2),
      length('sheet/0', 'A sheet, long', 4),
      length('sheet/1', 'A sheet, wide', 4),
      length('sheetThick', 'A sheet, thick', 0.0005, 0.05),
    ],
    begin: () => ({ kind: 'rope', run: 4, part: 0.5, thick: 0.5, sheet: [30, 20], sheetThick: 0.0015 }),
  },
  collar: {
    name: CUT_NAMES.collar,
    says: 'A tube slit and bent over a handle, a spout or a hoop.',
    fields: [length('diameter', 'Tube across'), length('bore', 'Its bore', 0.05)],
    begin: () => ({ kind: 'collar', run: 6, diameter: 2, bore: 1 }),
  },
};

/** What else a collar is asked for: along a straight part, or round a hoop. */
export const COLLAR_FIELDS: Readonly<Record<'run' | 'hoop', readonly CutField[]>> = {
  run: [length('run', 'Length of the part')],
  hoop: [length('radius', 'Radius of the hoop, to its middle'), count('degrees', 'Degrees of it', 1, 360)],
};

/** A figure of an order by its path. */
export const figureAt = (order: CutOrder, path: string): number =>
  path.split('/').reduce<unknown>((at, name) => (at as Record<string, unknown>)[name], order) as number;

/** The order with one figure put in its place. */
export function withFigure(order: CutOrder, path: string, value: number): CutOrder {
  const [name, place] = path.split('/') as [string, string | undefined];
  const held = (order as unknown as Record<string, unknown>)[name];
  const next = place === undefined ? value : (held as number[]).map((one, i) => (i === Number(place) ? value : one));
  return { ...order, [name]: next };
}

/** Another kind for the same box. */
export const ofKind = (kind: CutKind, order: CutOrder, caliperIn: number): CutOrder =>
  CUT_KINDS[kind].begin(insideOf(order), 'caliper' in order ? order.caliper : caliperIn);

const isGuard = (kind: CutKind): boolean => GUARD_CUTS.includes(kind);

/** The box an order is for; a foot of one where it says none. */
export function insideOf(order: CutOrder): Triple {
  if ('box' in order) return order.box;
  if ('inside' in order && !isGuard(order.kind)) return [order.inside[0], order.inside[1], order.inside.length === 3 ? order.inside[2] : 8];
  return [12, 10, 8];
}

/** The same order for another box, with that box's board where it is cut from it. */
export const forBox = (order: CutOrder, box: BoxStock): CutOrder =>
  CUT_KINDS[order.kind].begin(
    box.insideIn,
    'box' in order ? box.board.caliperIn : 'caliper' in order ? order.caliper : box.board.caliperIn,
  );

/** The grade with a thickness; null where none has it. */
export const gradeWith = (caliperIn: number) =>
  Object.entries(BOARD_GRADES).find(([, grade]) => Math.abs(grade.caliperIn - caliperIn) < 1e-6) ?? null;

/** How thick the shop’s own sheet board is, inches; the ordinary where it has none. */
export const ownCaliper = ({ linerBoard }: Pick<Stockroom, 'linerBoard'>): number =>
  linerBoard?.board.caliperIn ?? BOARD_GRADES.ordinary.caliperIn;
