import { boxTareLb } from '../../engineering/board/boxBlank.ts';
import type { Triple } from '../../engineering/geometry/wrapLayer.ts';
import type { Stockroom, TapeStock } from '../../engineering/materials/stock.ts';
import { IN_PER_FT } from '../../units/index.ts';
import { GUESSED_WEIGHT_SPREAD, WEIGHED_SPREAD } from '../item/guessMissing.ts';
import type { FilledBox } from '../fill/FilledBox.ts';
import type { WeighedParcel, WeightPart } from './WeighedParcel.ts';

/** Spread of each kind of part, as a share of its weight; judgement. */
const SPREADS = { wraps: 0.12, fill: 0.2, boxes: 0.05, sundries: 0.2 };
/** Tags, slip and cards. */
const PAPERS = { weightLb: 0.03, costMinor: 8 };
/** Tape reaches this far over each end of a seam. */
const TAPE_OVER_END_IN = 2;
/** Form and tape, close and tape, nest an inner box, tests, weigh and measure, papers, eight photographs. */
const MINUTES = { formBox: 1.5, closeBox: 1.5, nestInner: 1, tests: 1, weigh: 1, papers: 2, photograph: 0.3 };
const PHOTOGRAPHS = 8;

/** Predicts what the closed parcel weighs, part by part, each with its ±. */
export function weighParcel(filled: FilledBox, tapes: Pick<Stockroom, 'innerTape' | 'outerTape'>, photographs: boolean): WeighedParcel {
  const { stowed } = filled;
  const { wrapped, inner, box } = stowed;
  const { piece } = wrapped;
  const boxes = [box, ...(inner ? [inner.box] : [])];
  const layerTapeFt = wrapped.layers.reduce((sum, layer) => sum + tapeStripFt(layer.bundleIn), 0);
  const seamTapeFt = boxes.reduce((sum, one) => sum + seamFt(one.insideIn), 0);
  const tape = (stock: TapeStock, feet: number) => ({ weightLb: stock.lbPerFt * feet, costMinor: stock.minorPerFt * feet });
  const tapeParts = [tape(tapes.innerTape, layerTapeFt), tape(tapes.outerTape, seamTapeFt)];
  const tapeLb = tapeParts.reduce((sum, one) => sum + one.weightLb, 0);
  const part = (name: string, weightLb: number, spread: number): WeightPart => ({ part: name, weightLb, plusMinusLb: weightLb * spread });
  const parts: WeightPart[] = [
    part('piece', piece.weightLb, piece.guessed.weight ? GUESSED_WEIGHT_SPREAD : WEIGHED_SPREAD),
    ...(piece.guards.weightLb > 0 ? [part('guards', piece.guards.weightLb, SPREADS.sundries)] : []),
    part('wraps', wrapped.weightLb, SPREADS.wraps),
    part('fill', filled.weightLb, SPREADS.fill),
    part(
      inner ? 'boxes' : 'box',
      boxes.reduce((sum, one) => sum + boxTareLb(one.insideIn, one.board.lbPerFt2), 0),
      SPREADS.boxes,
    ),
    part('tape and papers', tapeLb + PAPERS.weightLb, SPREADS.sundries),
  ];
  return {
    filled,
    parts,
    grossLb: parts.reduce((sum, one) => sum + one.weightLb, 0),
    plusMinusLb: Math.hypot(...parts.map((one) => one.plusMinusLb)),
    innerTapeEasyOff: tapes.innerTape.easyOff,
    sundries: {
      costMinor: tapeParts.reduce((sum, one) => sum + one.costMinor, 0) + PAPERS.costMinor,
      minutes:
        boxes.length * (MINUTES.formBox + MINUTES.closeBox) +
        (inner ? MINUTES.nestInner : 0) +
        MINUTES.tests +
        MINUTES.weigh +
        MINUTES.papers +
        (photographs ? PHOTOGRAPHS * MINUTES.photograph : 0),
    },
  };
}

/** One strip round the middle of a bundle's end folds: twice the shortest side. */
const tapeStripFt = (bundleIn: Triple): number => (2 * Math.min(...bundleIn)) / IN_PER_FT;

/** Centre and side seams, top and bottom, each with its overhang. */
function seamFt([length, width]: Triple): number {
  const centre = length + 2 * TAPE_OVER_END_IN;
  const side = width + 2 * TAPE_OVER_END_IN;
  return (2 * (centre + 2 * side)) / IN_PER_FT;
}
