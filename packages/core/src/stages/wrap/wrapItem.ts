import { CUSHION_MATERIALS, REUSED_BUBBLE_SHARE } from '../../engineering/cushion/cushionMaterials.ts';
import { wrapLayer, type Triple } from '../../engineering/geometry/wrapLayer.ts';
import type { WrapStock } from '../../engineering/materials/stock.ts';
import { FORMS } from '../../engineering/pieces/forms.ts';
import { IN2_PER_FT2 } from '../../units/index.ts';
import type { House } from '../../house/House.ts';
import type { InspectedPiece } from '../item/InspectedPiece.ts';
import { feelTest } from './feelTest.ts';
import type { LayerChoice, WrappedItem, WrappedLayer } from './WrappedItem.ts';

/**
 * Wraps one piece in the layers asked for, from the surface outward; each starts from the bundle the one
 * before it left.
 *
 * @throws RangeError when a layer names a material that is not in the stockroom, or a negative number of turns
 */
export function wrapItem(piece: InspectedPiece, choices: readonly LayerChoice[], wraps: readonly WrapStock[], house: House): WrappedItem {
  let bundleIn = piece.guardedSizeIn;
  const layers = choices
    .filter(({ turns }) => turns !== 0)
    .map((choice): WrappedLayer => {
      const layer = layOn(piece, bundleIn, choice, wraps, house);
      bundleIn = layer.bundleIn;
      return layer;
    });
  const total = (of: (layer: WrappedLayer) => number) => layers.reduce((sum, layer) => sum + of(layer), 0);
  const coverIn = total((layer) => layer.thicknessIn);
  return {
    piece,
    layers,
    bundleIn,
    coverIn,
    growsIn: Math.min(...bundleIn.map((side, i) => side - piece.sizeIn[i]!)),
    weightLb: total((layer) => layer.weightLb),
    costMinor: total((layer) => layer.costMinor),
    minutes: total((layer) => layer.minutes),
    feelFaults: feelTest(piece, coverIn),
    missing: missingLayers(piece, layers),
  };
}

function layOn(
  piece: InspectedPiece,
  bundleIn: Triple,
  { material, turns }: LayerChoice,
  wraps: readonly WrapStock[],
  house: House,
): WrappedLayer {
  const stock = wraps.find((wrap) => wrap.key === material);
  if (!stock) throw new RangeError(`material of a layer must be in the stockroom, not ${material}`);
  if (!(turns > 0 && turns <= 20)) throw new RangeError(`turns must be above 0 and at most 20, not ${turns}`);
  const thicknessIn = stock.thicknessIn * (stock.reused ? REUSED_BUBBLE_SHARE : 1);
  const axis = piece.wrapAxis;
  const [second, third] = axis === 0 ? [1, 2] : axis === 1 ? [0, 2] : [0, 1];
  const amount = wrapLayer(FORMS[piece.form].section, [bundleIn[axis], bundleIn[second!]!, bundleIn[third!]!], {
    thicknessIn,
    turns,
    rollWidthIn: stock.rollWidthIn,
  });
  const grows = 2 * turns * thicknessIn;
  return {
    stock,
    cushion: stock.cushion === null ? null : CUSHION_MATERIALS[stock.cushion],
    turns,
    thicknessIn: turns * thicknessIn,
    lengthIn: amount.lengthIn,
    sheets: amount.sheets,
    areaIn2: amount.areaIn2,
    weightLb: (amount.areaIn2 / IN2_PER_FT2) * stock.lbPerFt2,
    costMinor: (amount.areaIn2 * (1 + house.scrapShare) * stock.priceMinor) / (stock.rollWidthIn * stock.rollLengthIn),
    minutes: turns * stock.minutesPerTurn,
    bundleIn: [bundleIn[0] + grows, bundleIn[1] + grows, bundleIn[2] + grows],
  };
}

function missingLayers(piece: InspectedPiece, layers: readonly WrappedLayer[]): WrappedItem['missing'] {
  const touchy = piece.facts.finish === 'rubsOff' || piece.facts.finish === 'uncured';
  const first = layers[0];
  const missing: WrappedItem['missing'][number][] = [];
  if (touchy && (!first || first.stock.abrasive || first.stock.role !== 'surface')) missing.push('softFirstLayer');
  if (piece.facts.dampSensitive && !layers.some((layer) => layer.stock.role === 'barrier')) missing.push('dampBarrier');
  return missing;
}
