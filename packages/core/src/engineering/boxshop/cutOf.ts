import { cellDivider } from './cellDivider.ts';
import { cornerTubes } from './cornerTubes.ts';
import { crossDivider } from './crossDivider.ts';
import type { CutOrder } from './CutOrder.ts';
import type { CutWork } from './CutPart.ts';
import { endCap } from './endCap.ts';
import { linerPanels } from './linerPanels.ts';
import { lowerBox } from './lowerBox.ts';
import { padsFor } from './padsFor.ts';
import { rigidCore } from './rigidCore.ts';
import { shortenBox } from './shortenBox.ts';
import { spacerBlock } from './spacerBlock.ts';
import { tubeCollar } from './tubeCollar.ts';
import { woundRope } from './woundRope.ts';
import { wrapAround } from './wrapAround.ts';

/**
 * What the box shop makes of an order: parts with their lines, board used, what falls off, inside and outside afterwards.
 *
 * @throws RangeError naming the figure that cannot be
 */
export function cutOf(order: CutOrder): CutWork {
  switch (order.kind) {
    case 'cross':
      return crossDivider(...order.inside, order.height, order.caliper);
    case 'cells':
      return cellDivider(order.inside, order.cells, order.height, order.caliper);
    case 'lower':
      return lowerBox(order.box, order.newDepth, order.caliper);
    case 'shorten':
      return shortenBox(order.box, order.side, order.new, order.caliper);
    case 'liner':
      return linerPanels(order.inside, order.caliper, order.faces);
    case 'pads':
      return padsFor(order.inside, order.count, order.caliper);
    case 'tubes':
      return cornerTubes(order.inside, order.diameter, order.gap, order.gapAcross);
    case 'core':
      return rigidCore(order.inside, order.diameter, order.wall);
    case 'wrapAround':
      return wrapAround(order.inside, order.caliper);
    case 'cap':
      return endCap(order.inside, order.reach, order.caliper);
    case 'spacer':
      return spacerBlock(order.gap, order.depth, order.height, order.caliper);
    case 'rope':
      return woundRope(order.run, order.part, order.thick, order.sheet, order.sheetThick);
    case 'collar': {
      const { run, radius, degrees, diameter, bore } = order;
      return tubeCollar(run === undefined ? { radiusIn: radius!, degrees: degrees! } : { runIn: run }, diameter, bore);
    }
  }
}
