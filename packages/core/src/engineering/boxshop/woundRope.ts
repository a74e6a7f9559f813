import type { CutWork } from './CutPart.ts';

/** A rope of tissue wound round a part. */
export interface WoundRope extends CutWork {
  /** Turns round the part, one beside the other. */
  readonly turns: number;
  /** Of rope, in all. */
  readonly ropeIn: number;
  readonly sheets: number;
}

/** What of a drawn-out rope is tissue, the rest air; judgement: a 20 in sheet of thin tissue makes a rope of half an inch. */
const TISSUE_SHARE = 0.15;

/**
 * Tissue drawn out into a rope and wound round a part, turn beside turn.
 *
 * Formula: run / d turns, each π·(part + d) long; tissue π/4·d²·length·share, divided by what a sheet is. Exact but for the share.
 *
 * @param runIn length of the part
 * @param partIn how thick the part is
 * @param ropeIn how thick the rope is
 * @param sheetIn length and width of a sheet
 * @param sheetThickIn thickness of a sheet
 */
export function woundRope(
  runIn: number,
  partIn: number,
  ropeIn: number,
  [lengthIn, widthIn]: readonly [number, number],
  sheetThickIn: number,
): WoundRope {
  const turns = Math.ceil(runIn / ropeIn - 1e-9);
  const length = turns * Math.PI * (partIn + ropeIn);
  const tissueIn3 = (Math.PI / 4) * ropeIn ** 2 * length * TISSUE_SHARE;
  const sheets = Math.max(1, Math.ceil(tissueIn3 / (lengthIn * widthIn * sheetThickIn) - 1e-9));
  return {
    turns,
    ropeIn: length,
    sheets,
    parts: [{ name: 'sheet of tissue, drawn out and twisted', count: sheets, lengthIn, heightIn: widthIn, knife: [], score: [] }],
    boardUsedIn2: 0,
    wasteIn2: 0,
    insideIn: null,
    outsideIn: null,
  };
}
