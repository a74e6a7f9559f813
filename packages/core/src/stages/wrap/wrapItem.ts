import { wrapLayer, type Triple } from '../../engineering/geometry/wrapLayer.ts';
import { cushionOf, sheetThicknessIn } from '../../engineering/materials/cushionOf.ts';
import { flapStripFt } from '../../engineering/board/envelope.ts';
import { sleevedIn, spareInSleeve, wrapsIn } from '../../engineering/materials/sleeves.ts';
import type { Stockroom, TapeStock, WrapStock } from '../../engineering/materials/stock.ts';
import { FORMS } from '../../engineering/pieces/forms.ts';
import { FACE_AXIS, FACES, type Face } from '../../engineering/pieces/hardPoints.ts';
import { IN2_PER_FT2, IN_PER_FT } from '../../units/index.ts';
import type { House } from '../../house/House.ts';
import type { InspectedPiece } from '../item/InspectedPiece.ts';
import { feelTest } from './feelTest.ts';
import { interleave, raised, stackingMinutes, type Interleaved } from './interleaved.ts';
import type { LayerChoice, MeasuredBundle, WrappedItem, WrappedLayer } from './WrappedItem.ts';

/** What wrapping takes from the stockroom. */
export type WrapStockroom = Pick<Stockroom, 'wraps' | 'boxes' | 'innerTape' | 'outerTape'>;

/**
 * Wraps one piece in the layers asked for, from the surface outward; each starts from the bundle the one
 * before it left.
 *
 * @param measured what the wrapped bundle really measures and weighs; it replaces the sum of the layers
 * @throws RangeError when a layer names a material that is not in the stockroom, or a negative number of turns
 */
export function wrapItem(
  piece: InspectedPiece,
  choices: readonly LayerChoice[],
  stock: WrapStockroom,
  house: House,
  measured: MeasuredBundle | null = null,
): WrappedItem {
  const interleaved = interleave(piece, stock.wraps, house);
  let bundleIn = raised(piece.guardedSizeIn, interleaved);
  const layers = choices
    .filter(({ turns }) => turns !== 0)
    .map((choice): WrappedLayer => {
      const layer = layOn(piece, bundleIn, choice, stock, house);
      bundleIn = layer.bundleIn;
      return layer;
    });
  const total = (of: (layer: WrappedLayer) => number) => layers.reduce((sum, layer) => sum + of(layer), 0);
  const coverIn = total(({ stock: { stiff }, thicknessIn }) => (stiff ? 0 : thicknessIn));
  const bareIn = raised(piece.sizeIn, interleaved);
  const cardedAxis = thinAxis(piece.sizeIn);
  const onFaceIn = (face: Face, { stock, thicknessIn, doubled }: WrappedLayer) =>
    (doubled?.face === face ? doubled.thicknessIn : 0) + (stock.stiff && FACE_AXIS[face] === cardedAxis ? thicknessIn : 0);
  const coverOnFaceIn = Object.fromEntries(FACES.map((face) => [face, coverIn + total((layer) => onFaceIn(face, layer))])) as Record<
    Face,
    number
  >;
  if (measured) bundleIn = measured.sizeIn;
  const wrapsLb = total((layer) => layer.weightLb) + (interleaved?.weightLb ?? 0);
  return {
    piece,
    layers,
    interleaved,
    bundleIn,
    coverIn,
    coverOnFaceIn,
    growsIn: Math.min(...bundleIn.map((side, i) => side - bareIn[i]!)),
    weightLb: measured?.weightLb ? Math.max(0, measured.weightLb - piece.weightLb - piece.guards.weightLb) : wrapsLb,
    costMinor: total((layer) => layer.costMinor) + (interleaved?.costMinor ?? 0),
    minutes: total((layer) => layer.minutes) + (interleaved?.minutes ?? 0) + stackingMinutes(piece),
    feelFaults: feelTest(piece, coverIn, coverOnFaceIn),
    missing: missingLayers(piece, layers, interleaved, house),
  };
}

/** Minutes to lay one sheet more over a face; judgement. */
const DOUBLING_MINUTES = 0.5;

function layOn(
  piece: InspectedPiece,
  bundleIn: Triple,
  { material, turns, doubled, ...placing }: LayerChoice,
  stockroom: WrapStockroom,
  house: House,
): WrappedLayer {
  const { innerTape, outerTape } = stockroom;
  const stock = wrapsIn(stockroom).find((wrap) => wrap.key === material);
  if (!stock) throw new RangeError(`material of a layer must be in the stockroom, not ${material}`);
  if (stock.sleeve) return slideIn(bundleIn, stock, stock.sleeve.insideIn, house.strongInnerTape ? outerTape : innerTape);
  if (!(turns > 0 && turns <= 20)) throw new RangeError(`turns must be above 0 and at most 20, not ${turns}`);
  const sheetIn = sheetThicknessIn(stock);
  const axis = piece.wrapAxis;
  const [second, third] = axis === 0 ? [1, 2] : axis === 1 ? [0, 2] : [0, 1];
  const amount = stock.stiff
    ? cardsOn(bundleIn, turns)
    : wrapLayer(FORMS[piece.form].section, [bundleIn[axis], bundleIn[second]!, bundleIn[third]!], {
        thicknessIn: sheetIn,
        turns,
        rollWidthIn: stock.rollWidthIn,
      });
  const grows = 2 * turns * sheetIn;
  const thin = thinAxis(piece.sizeIn);
  const wrappedIn = bundleIn.map((side, at) => (stock.stiff && at !== thin ? side : side + grows)) as [number, number, number];
  const sheetIn2 = doubled ? faceAreaIn2(wrappedIn, doubled) : 0;
  if (doubled) wrappedIn[FACE_AXIS[doubled]] += sheetIn;
  const areaIn2 = amount.areaIn2 + sheetIn2;
  const tape: TapeStock = house.strongInnerTape ? outerTape : innerTape;
  return {
    stock,
    cushion: stock.cushion === null ? null : cushionOf({ ...stock, cushion: stock.cushion }),
    turns,
    thicknessIn: turns * sheetIn,
    doubled: doubled ? { face: doubled, thicknessIn: sheetIn } : null,
    placing,
    lengthIn: amount.lengthIn,
    sheets: amount.sheets,
    areaIn2,
    weightLb: (areaIn2 / IN2_PER_FT2) * stock.lbPerFt2,
    costMinor: (areaIn2 * (1 + house.scrapShare) * stock.priceMinor) / (stock.rollWidthIn * stock.rollLengthIn),
    minutes: turns * stock.minutesPerTurn + (doubled ? DOUBLING_MINUTES : 0),
    tape,
    tapeFt: tapeStripFt(wrappedIn),
    bundleIn: wrappedIn,
  };
}

/** A bundle slid into an envelope, which is closed with one strip along its flap. */
function slideIn(bundleIn: Triple, stock: WrapStock, insideIn: Triple, tape: TapeStock): WrappedLayer {
  const thicknessIn = sheetThicknessIn(stock);
  const [lengthIn, widthIn] = insideIn;
  const areaIn2 = 2 * lengthIn * widthIn;
  return {
    stock,
    cushion: stock.cushion === null ? null : cushionOf({ ...stock, cushion: stock.cushion }),
    turns: 1,
    thicknessIn,
    doubled: null,
    placing: {},
    spareIn: spareInSleeve(bundleIn, insideIn),
    lengthIn,
    sheets: 1,
    areaIn2,
    weightLb: (areaIn2 / IN2_PER_FT2) * stock.lbPerFt2,
    costMinor: stock.priceMinor,
    minutes: stock.minutesPerTurn,
    tape,
    tapeFt: flapStripFt(insideIn),
    bundleIn: sleevedIn(bundleIn, insideIn, stock, thicknessIn),
  };
}

/** The axis on which a piece is thinnest: what is stiff lies on its two faces there. */
const thinAxis = (sizeIn: Triple): 0 | 1 | 2 => sizeIn.indexOf(Math.min(...sizeIn)) as 0 | 1 | 2;

/** Something stiff is not wound: half a turn is a card on one of the largest faces, a turn one on each. */
function cardsOn(bundleIn: Triple, turns: number): { areaIn2: number; lengthIn: number; sheets: number } {
  const [, wide, long] = [...bundleIn].sort((a, b) => a - b) as [number, number, number];
  return { areaIn2: 2 * turns * wide * long, lengthIn: long, sheets: Math.ceil(2 * turns) };
}

const faceAreaIn2 = (sizeIn: Triple, face: Face): number => (sizeIn[0] * sizeIn[1] * sizeIn[2]) / sizeIn[FACE_AXIS[face]];

/** One strip round the middle of a bundle's end folds: twice the shortest side. */
const tapeStripFt = (bundleIn: Triple): number => (2 * Math.min(...bundleIn)) / IN_PER_FT;

function missingLayers(
  piece: InspectedPiece,
  layers: readonly WrappedLayer[],
  interleaved: Interleaved | null,
  { rules }: House,
): WrappedItem['missing'] {
  const touchy = piece.facts.finish === 'rubsOff' || piece.facts.finish === 'uncured';
  const first = layers[0];
  const missing: WrappedItem['missing'][number][] = [];
  const isHard = !first || first.stock.abrasive || first.stock.role !== 'surface' || interleaved?.stock.abrasive === true;
  if (rules.softFirstLayer && touchy && isHard) missing.push('softFirstLayer');
  if (rules.dampBarrier && piece.facts.dampSensitive && !layers.some((layer) => layer.stock.role === 'barrier'))
    missing.push('dampBarrier');
  return missing;
}
