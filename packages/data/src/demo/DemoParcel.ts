import type { CustomsDeclaration, HardPoint, Job, PlanChoice } from '@inch-nest/core';

export const REACHED = ['draft', 'kept', 'weighed', 'rated', 'labelled', 'away', 'broken'] as const;
export type Reached = (typeof REACHED)[number];

/** One parcel of the demo: what was typed, and how far it has come. */
export interface DemoParcel {
  sale: {
    buyer: string;
    destinationPostcode: string;
    soldMinor: string;
    paidMinor: string;
    shippingCollectedMinor: string;
    dueInDays: number;
  };
  piece: Record<string, string>;
  /** Further pieces in the same parcel, and those that come off the first with what loosens. */
  others?: readonly { piece: Record<string, string>; comesOff?: string; inABoxOfItsOwn?: true }[];
  /** `kept` takes the recommended nest, or the choice given; the others go on from there, each a step further. */
  reached: Reached;
  customs?: CustomsDeclaration;
  /** What it is sent for, where it was not sold. */
  job?: Job;
  /** Where the buyer lives, for those whose papers are due. */
  address?: { name: string; lines: string[] };
  /** Changes to the recommended nest before it is kept. */
  by?: (choice: PlanChoice) => PlanChoice;
  /** Readings over the predicted weight, pounds. */
  weighedOffLb?: readonly number[];
}

export const point = (
  kind: HardPoint['kind'],
  face: HardPoint['face'],
  reachIn: number,
  guard: HardPoint['guard'] = null,
  across = 0.5,
  up = 0.5,
): HardPoint => ({ id: `${kind}-${face}`, kind, face, across, up, reachIn, guard, guardLengthIn: null });
export const points = (...list: HardPoint[]): string => JSON.stringify(list);
export const picked = (value: unknown): string => JSON.stringify(value);
export const sale = (
  buyer: string,
  destinationPostcode: string,
  soldMinor: string,
  paidMinor: string,
  shippingCollectedMinor: string,
  dueInDays: number,
): DemoParcel['sale'] => ({ buyer, destinationPostcode, soldMinor, paidMinor, shippingCollectedMinor, dueInDays });

/** Keeps less wrap than the feel test asks, as somebody in a hurry would. */
export const thinner = (choice: PlanChoice): PlanChoice => ({
  ...choice,
  layers: [
    { material: 'smallBubble', turns: 1 },
    { material: 'largeBubble', turns: 0.5 },
  ],
});
