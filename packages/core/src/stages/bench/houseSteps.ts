import type { House } from '../../house/House.ts';
import { takenSide } from '../../house/questions.ts';
import { STANDING_MINUTES } from '../weight/standingMinutes.ts';
import { act, record, type Part } from './stepParts.ts';

/**
 * What comes before anything is wrapped: off with the storage wrap, and what the house does with a case.
 *
 * Common practice, no source: good packers disagree on whether a piece travels in its case.
 */
export function firstSteps(storageWrap: boolean, cased: boolean, house: House): Part[] {
  const inCase = cased ? CASE_STEPS[takenSide(house, 'case') ?? ''] : undefined;
  return [
    ...(storageWrap ? [act('unwrap', 'Take off the storage wrap', 'All of it; look the piece over once more as it comes out.', 0)] : []),
    ...(inCase ? [inCase] : []),
  ];
}
const CASE_STEPS: Readonly<Record<string, Part>> = {
  leave: act(
    'case:leave',
    'Steady it in its case',
    'Soft paper or foam round what moves inside, until the lid shuts by itself: never force it.',
    0,
  ),
  takeOut: act(
    'case:takeOut',
    'Take it out of its case',
    'The case is a piece of its own: enter it and the bare piece at Look over, so that each has its own size and wrap.',
    0,
  ),
};

/** Marks on the closed box, as the house has them. Common practice, no source: some say that marks invite rough hands. */
export function markSteps(house: House): Part[] {
  const marks = MARK_WORDS[takenSide(house, 'marks') ?? ''];
  return marks ? [act('marks', 'Mark the box', marks, 0)] : [];
}
const MARK_WORDS: Readonly<Record<string, string>> = {
  arrows: 'Arrows on two sides that face away from each other; no other words.',
  fragile: 'A fragile mark on every side and on the lid, clear of the label.',
};

/** Weighing: of the closed parcel, or of the open one with what tape and papers still add to it. */
export const weighStep = (headroom: string | null): Part =>
  record(
    'weigh',
    'parcel',
    headroom === null ? 'Weigh and measure' : 'Weigh it open, and measure',
    headroom === null
      ? 'Three readings; write size and weight on it.'
      : `Three readings, the lid pressed shut and not yet taped. Tape and papers come to ${headroom}: leave room for that below the next step of the rate. Write size and weight on it.`,
    STANDING_MINUTES.weigh,
  );
