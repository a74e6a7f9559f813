import { flapStripFt, TAPE_OVER_END_IN } from '../../engineering/board/envelope.ts';
import type { Triple } from '../../engineering/geometry/wrapLayer.ts';
import type { Stockroom, TapeStock } from '../../engineering/materials/stock.ts';
import type { House } from '../../house/House.ts';
import { IN_PER_FT } from '../../units/index.ts';
import { GUESSED_WEIGHT_SPREAD, WEIGHED_SPREAD } from '../item/guessMissing.ts';
import { boxesWithin, type BoxWithin } from '../box/boxed.ts';
import { overAll } from '../box/stowInBox.ts';
import { countedTitle } from '../sale/countedTitle.ts';
import type { Shell, StowedBox } from '../box/StowedBox.ts';
import type { FilledBox } from '../fill/FilledBox.ts';
import { PHOTOGRAPHS, STANDING_MINUTES } from './standingMinutes.ts';
import type { WeighedParcel, WeightPart } from './WeighedParcel.ts';

/** Spread of each kind of part, as a share of its weight; judgement. */
const SPREADS = { wraps: 0.12, fill: 0.2, boxes: 0.05, sundries: 0.2 };
/** Tags, slip and cards. */
const PAPERS = { weightLb: 0.03, costMinor: 8 };

/** What something adds to a parcel. */
interface Added {
  readonly weightLb: number;
  readonly costMinor: number;
  readonly minutes: number;
}

/** Tape and standing steps that go with a bundle and its inner box, papers included. */
export function bundleSundries(
  stowed: Pick<StowedBox, 'bundles' | 'inner' | 'shared'>,
  { outerTape }: Pick<Stockroom, 'outerTape'>,
  house: House,
): Added {
  const { bundles } = stowed;
  const within = boxesWithin(stowed);
  const seams = within.filter(({ core }) => !core).map(({ box, times }) => tape(outerTape, times * seamFt(box.insideIn, house.seams)));
  const layers = bundles.flatMap(({ wrapped, layout }) => wrapped.layers.map((layer) => tape(layer.tape, layout.count * layer.tapeFt)));
  return {
    weightLb: [...seams, ...layers].reduce((sum, one) => sum + one.weightLb, PAPERS.weightLb),
    costMinor: [...seams, ...layers].reduce((sum, one) => sum + one.costMinor, PAPERS.costMinor),
    minutes:
      within.reduce((sum, one) => sum + one.times * minutesWithin(one), 0) +
      STANDING_MINUTES.tests +
      STANDING_MINUTES.weigh +
      STANDING_MINUTES.papers +
      (house.photographs ? PHOTOGRAPHS * STANDING_MINUTES.photograph : 0),
  };
}

/** Minutes to make one ready that goes into the outer box, and to put it there. */
const minutesWithin = ({ core }: BoxWithin): number =>
  (core?.minutes ?? STANDING_MINUTES.formBox + STANDING_MINUTES.closeBox) + STANDING_MINUTES.nestInner;

/** Tape and steps that go with the outer box or envelope. */
export function shellSundries(
  { box, insideIn, crossIn, minutes, made }: Shell,
  { outerTape }: Pick<Stockroom, 'outerTape'>,
  house: House,
): Added {
  // a cross leaves the box as deep as it was
  const [length, width, depth] = insideIn;
  const seamsFt = box.style === 'slotted' ? seamFt([length, width, depth + (crossIn ?? 0)], house.seams) : flapStripFt(insideIn);
  const seam = tape(outerTape, seamsFt + made.reduce((sum, { tapeIn = 0 }) => sum + tapeIn / IN_PER_FT, 0));
  return { ...seam, minutes: STANDING_MINUTES.formBox + STANDING_MINUTES.closeBox + minutes };
}

const tape = (stock: TapeStock, feet: number): Added => ({
  weightLb: stock.lbPerFt * feet,
  costMinor: stock.minorPerFt * feet,
  minutes: 0,
});

/** Predicts what the closed parcel weighs, part by part, each with its ±. */
export function weighParcel(filled: FilledBox, stock: Pick<Stockroom, 'outerTape'>, house: House): WeighedParcel {
  const { stowed } = filled;
  const { bundles, shell } = stowed;
  const within = boxesWithin(stowed);
  const sundries = [bundleSundries(stowed, stock, house), shellSundries(shell, stock, house)];
  const sundriesLb = sundries.reduce((sum, one) => sum + one.weightLb, 0);
  const part = (name: string, weightLb: number, spread: number): WeightPart => ({ part: name, weightLb, plusMinusLb: weightLb * spread });
  const guardsLb = overAll(stowed, ({ piece }) => piece.guards.weightLb);
  const alongLb = bundles.reduce((sum, { wrapped }) => sum + wrapped.piece.along.weightLb, 0);
  const parts: WeightPart[] = [
    ...bundles.map(({ wrapped: { piece }, layout }) =>
      part(
        bundles.length > 1 ? countedTitle(piece.facts) : piece.facts.count > 1 ? 'pieces' : 'piece',
        layout.count * piece.weightLb,
        piece.guessed.weight ? GUESSED_WEIGHT_SPREAD : WEIGHED_SPREAD,
      ),
    ),
    ...(guardsLb > 0 ? [part('guards', guardsLb, SPREADS.sundries)] : []),
    ...(alongLb > 0 ? [part('what goes with it', alongLb, SPREADS.boxes)] : []),
    part(
      'wraps',
      overAll(stowed, ({ weightLb }) => weightLb),
      SPREADS.wraps,
    ),
    part('fill', filled.weightLb, SPREADS.fill),
    part(
      within.length > 0 ? 'boxes' : 'box',
      within.reduce((sum, { tareLb, times }) => sum + times * tareLb, shell.tareLb),
      SPREADS.boxes,
    ),
    part('tape and papers', sundriesLb, SPREADS.sundries),
  ];
  return {
    filled,
    parts,
    grossLb: parts.reduce((sum, one) => sum + one.weightLb, 0),
    plusMinusLb: Math.hypot(...parts.map((one) => one.plusMinusLb)),
    innerTapeEasyOff: bundles.every(({ wrapped }) => wrapped.layers.every((layer) => layer.tape.easyOff)),
    sundries: {
      costMinor: sundries.reduce((sum, one) => sum + one.costMinor, 0),
      minutes: sundries.reduce((sum, one) => sum + one.minutes, 0),
    },
  };
}

/** Tape that closes a slotted box, feet, top and bottom; the ways differ in which seams it runs along. */
function seamFt([length, width, depth]: Triple, seams: House['seams']): number {
  const over = 2 * TAPE_OVER_END_IN;
  const centre = length + over;
  const side = width + over;
  const inches = {
    crossAndSide: 2 * (centre + 2 * side),
    everyEdge: 2 * (centre + 2 * side + 2 * (length + over)),
    bands: 2 * centre + 2 * (2 * (length + depth)) + 2 * (width + depth) * 2,
    skin: 2 * (centre + 8 * TAPE_OVER_END_IN),
  }[seams];
  return inches / IN_PER_FT;
}
