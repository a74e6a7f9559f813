import { shockChance } from '../../engineering/journey/shockChance.ts';
import { BOARD_GRADES, type BoardGradeKey } from '../../engineering/materials/boardGrades.ts';
import {
  ORDINARY_FILLS,
  ORDINARY_LINER_BOARD,
  ORDINARY_TAPES,
  ORDINARY_WRAPS,
  type OrdinaryFillKey,
} from '../../engineering/materials/ordinaryStock.ts';
import type { BoxStock, FillStock, WrapStock } from '../../engineering/materials/stock.ts';
import type { ArchetypeKey } from '../../engineering/pieces/Archetype.ts';
import type { FormKey } from '../../engineering/pieces/forms.ts';
import { FACE_AXIS, FACES, type Face, type GuardKind, type HardPoint, type HardPointKind } from '../../engineering/pieces/hardPoints.ts';
import type { Triple } from '../../engineering/geometry/wrapLayer.ts';
import { BEDDED_HOUSE, type House } from '../../house/House.ts';
import { gapsAround } from '../box/gapsAround.ts';
import { boarded, envelopeRound, lined, wholeShell } from '../box/makeShell.ts';
import { blockOf } from '../box/blockOf.ts';
import { innerBox } from '../box/stowInBox.ts';
import type { Gaps, Shell } from '../box/StowedBox.ts';
import { fillVoids } from '../fill/fillVoids.ts';
import type { FilledBox } from '../fill/FilledBox.ts';
import { breakingChance, causesWith, type Cause } from '../frontier/causes.ts';
import { chanceRange } from '../frontier/chanceRange.ts';
import { quietCauses } from '../frontier/quietCauses.ts';
import { shockJourney } from '../frontier/shockJourney.ts';
import { inspectItem } from '../item/inspectItem.ts';
import { byHand } from '../rate/byHand.ts';
import type { Order, PieceFacts } from '../sale/Order.ts';
import { plainFacts } from '../sale/plainFacts.ts';
import { weighParcel } from '../weight/weighParcel.ts';
import type { WrappedItem } from '../wrap/WrappedItem.ts';
import { wrapItem } from '../wrap/wrapItem.ts';

/** Foam for pipes, as it is wound round an edge; judgement. */
const PIPE_FOAM: WrapStock = { ...ORDINARY_WRAPS.foamSheet8, key: 'pipeFoam', name: 'Pipe foam', role: 'conform', thicknessIn: 0.45 };
const WRAPS: readonly WrapStock[] = [...Object.values(ORDINARY_WRAPS), PIPE_FOAM];
export type PackingMaterial = keyof typeof ORDINARY_WRAPS | 'pipeFoam';
export const PACKING_MATERIALS = WRAPS.map(({ key }) => key) as PackingMaterial[];

/** Room inside an inner box where nobody says; inches. */
const SNUG_IN = 0.1;

/** One fixed packing of one piece, told in a packer’s words: nothing is searched. */
export interface Packing {
  readonly piece: {
    readonly kind: ArchetypeKey;
    readonly form?: FormKey | undefined;
    readonly sizeIn: Triple;
    readonly weightLb: number;
    readonly hardPoints: readonly { readonly kind: HardPointKind; readonly face: Face; readonly guard: GuardKind | null }[];
    /** A fine face that may be nicked; a card lies over it where `faceCard` says so. */
    readonly fineFace: boolean;
    /** What moves inside: steadied, or not; null where nothing does. */
    readonly steadied: boolean | null;
  };
  readonly layers: readonly {
    readonly material: PackingMaterial;
    readonly turns: number;
    readonly doubled?: Partial<Record<Face, number>> | undefined;
  }[];
  /** How much the bundle is squeezed along length, width and height, inches. */
  readonly squeezedIn: Triple;
  readonly inner: { readonly fill: OrdinaryFillKey; readonly gapIn?: number | undefined } | null;
  readonly fill: OrdinaryFillKey | null;
  readonly gapsIn: Gaps;
  readonly grade: BoardGradeKey;
  readonly liner: boolean;
  readonly board: boolean;
  readonly overfillShare: number;
  /** Share of the gaps that loosely laid fill is worth. */
  readonly looseShare: number;
  readonly envelope: 'padded' | 'stiffened' | null;
  readonly card: 'none' | 'one' | 'both';
  readonly faceCard: boolean;
  readonly zone: number;
  readonly grossWeightLb: number | null;
  /** So many alike in one parcel, each packed so. */
  readonly count: number;
}

/** What becomes of a packing on one journey. */
export interface JudgedPacking {
  /** Chance that anything breaks, with its 90% interval. */
  readonly breaks: number;
  readonly low: number;
  readonly high: number;
  readonly causes: readonly Cause[];
  readonly grossLb: number;
  readonly criticalG: number | null;
  readonly filled: FilledBox;
}

/**
 * Judges one fixed packing by the same stages as a plan, without a search: the gaps are as told, and a box is made
 * to fit them.
 *
 * @throws RangeError on facts out of bounds
 */
export function judgePacking(packing: Packing): JudgedPacking {
  const house: House = { ...BEDDED_HOUSE, overfillShare: packing.overfillShare };
  const order = orderOf(packing);
  const piece = inspectItem(order, order.pieces[0]!);
  const wrapped = wrap(packing, piece, house);
  const filled = put(packing, wrapped, house);
  const weighed = weighParcel(filled, { outerTape: ORDINARY_TAPES.clear }, house);
  const grossLb = packing.grossWeightLb ?? weighed.grossLb;
  const quote = {
    ...byHand(
      [],
      order,
      { carrier: '', service: '', serviceName: '', refused: '' },
      { weightLb: grossLb, sizeIn: filled.stowed.shell.outsideIn },
    ),
    zone: packing.zone,
  };
  const parcel = { ...weighed, grossLb };
  const journey = shockJourney(filled);
  const shock = journey ? shockChance(journey(grossLb, packing.zone, 1)) : 0;
  const one = [...causesWith([['shock', shock]]), ...quietCauses(parcel, house)(quote).parcel];
  const causes = one.map((cause) => ({ ...cause, chance: -Math.expm1(packing.count * Math.log1p(-cause.chance)) }));
  const { low, high } = chanceRange({ causes: one, rated: { weighed: parcel, quote, coverAdded: false, signature: false } }, house);
  const any = (chance: number) => -Math.expm1(packing.count * Math.log1p(-chance));
  return { breaks: breakingChance(causes, 1), low: any(low), high: any(high), causes, grossLb, criticalG: piece.criticalG, filled };
}

function orderOf({ piece, faceCard }: Packing): Order {
  const point = (kind: HardPointKind, face: Face, guard: GuardKind | null, i: number): HardPoint => ({
    id: `${kind}-${i}`,
    kind,
    face,
    guard,
    across: 0.5,
    up: 0.5,
    reachIn: 1,
    guardLengthIn: null,
  });
  const fine = piece.fineFace || faceCard ? [point('machinedFace', 'top', faceCard ? 'cardFace' : null, 0)] : [];
  const facts: PieceFacts = {
    ...plainFacts('piece', piece.kind),
    title: piece.kind,
    form: piece.form ?? null,
    lengthIn: piece.sizeIn[0],
    widthIn: piece.sizeIn[1],
    heightIn: piece.sizeIn[2],
    weightLb: piece.weightLb,
    finish: 'plain',
    dampSensitive: false,
    keepUpright: true,
    hardPoints: [...piece.hardPoints.map(({ kind, face, guard }, i) => point(kind, face, guard, i + 1)), ...fine],
    movingParts: piece.steadied === null ? 'none' : piece.steadied ? 'steadied' : 'shifting',
  };
  return {
    id: 'order',
    soldMinor: 0,
    paidMinor: 0,
    shippingCollectedMinor: 0,
    originPostcode: '',
    destinationPostcode: '',
    shipDate: '2026-01-01',
    pieces: [facts],
  };
}

/** Wraps the piece; what is doubled lies on its faces, and what is squeezed out goes from every layer alike. */
function wrap({ layers, squeezedIn, card }: Packing, piece: Parameters<typeof wrapItem>[0], house: House): WrappedItem {
  const carded = card === 'none' ? [] : [{ material: 'backingCard', turns: card === 'one' ? 0.5 : 1 }];
  const even = wrapItem(
    piece,
    [...carded, ...layers.map(({ material, turns }) => ({ material, turns }))],
    { wraps: WRAPS, boxes: [], innerTape: ORDINARY_TAPES.paper, outerTape: ORDINARY_TAPES.clear },
    house,
  );
  const told = even.layers.map((layer) => {
    const { doubled = {} } = layers.find(({ material }) => material === layer.stock.key) ?? {};
    const sheetIn = layer.thicknessIn / layer.turns;
    return Object.fromEntries(FACES.map((face) => [face, (doubled[face] ?? 0) * sheetIn])) as Record<Face, number>;
  });
  const moreOn = (i: number, face: Face): number => {
    const layer = even.layers[i]!;
    return told[i]![face] - (squeezedIn[FACE_AXIS[face]] / 2) * (layer.thicknessIn / even.coverIn);
  };
  const coverOnFaceIn = Object.fromEntries(
    FACES.map((face) => [face, even.coverIn + even.layers.reduce((sum, _, i) => sum + moreOn(i, face), 0)]),
  ) as Record<Face, number>;
  const grown = (axis: 0 | 1 | 2) => FACES.filter((face) => FACE_AXIS[face] === axis).reduce((sum, face) => sum + coverOnFaceIn[face], 0);
  return {
    ...even,
    layers: even.layers.map((layer, i) => ({
      ...layer,
      moreOnFaceIn: Object.fromEntries(FACES.map((face) => [face, moreOn(i, face)])) as Record<Face, number>,
    })),
    bundleIn: [0, 1, 2].map((axis) => piece.guardedSizeIn[axis]! + grown(axis as 0 | 1 | 2)) as unknown as Triple,
    coverOnFaceIn,
  };
}

/** Puts the bundle into boxes made to its measure. */
function put(packing: Packing, wrapped: WrappedItem, house: House): FilledBox {
  const { gapsIn, grade, liner, board, fill, inner: within, envelope, looseShare } = packing;
  const { bundleIn } = wrapped;
  const room = (around: Triple, gap: (face: Face) => number): Triple => [
    around[0] + gap('left') + gap('right'),
    around[1] + gap('front') + gap('back'),
    around[2] + gap('bottom') + gap('top'),
  ];
  const inside = within && room(bundleIn, () => within.gapIn ?? SNUG_IN);
  const inner = inside && innerBox(boxOf(inside, 'ordinary'), gapsAround(bundleIn, inside));
  const heldIn = inner ? inner.outsideIn : bundleIn;
  const insideIn = room(heldIn, (face) => gapsIn[face]);
  const sheet = { ...ORDINARY_LINER_BOARD, board: BOARD_GRADES[grade] };
  const walls = liner ? 2 * sheet.board.caliperIn : 0;
  const shell: Shell = envelope
    ? envelopeRound({ ...boxOf(insideIn, grade), style: envelope }, insideIn[2])
    : wholeShell(boxOf([insideIn[0] + walls, insideIn[1] + walls, insideIn[2] + walls], grade));
  const walled = liner ? lined(shell, sheet)! : shell;
  const filled = fillVoids(
    {
      ...blockOf([wrapped], { lies: [{ orientation: [0, 1, 2], grid: [1, 1, 1] }], stand: 0 }),
      inner,
      shell: board ? boarded(walled, sheet) : walled,
      gaps: gapsIn,
      board,
      tubes: null,
    },
    fill && fillOf(fill),
    within && fillOf(within.fill),
    house,
  );
  const loose = (gaps: Gaps): Gaps =>
    Object.fromEntries(Object.entries(gaps).map(([face, gapIn]) => [face, (gapIn as number) * looseShare])) as unknown as Gaps;
  return { ...filled, effectiveGaps: loose(filled.effectiveGaps), filledToRim: filled.filledToRim && gapsIn.top > 0 };
}

const fillOf = (key: OrdinaryFillKey): FillStock => ORDINARY_FILLS[key];
const boxOf = (insideIn: Triple, grade: BoardGradeKey): BoxStock => ({
  key: 'made',
  name: 'made to measure',
  insideIn,
  measuredOutsideIn: null,
  board: BOARD_GRADES[grade],
  priceMinor: 0,
  earlierUses: 0,
  onHand: 1,
  style: 'slotted',
  container: null,
});
