import type { BenchStep, CustomsDeclaration, PlanDocument } from '@inch-nest/core';
import type { Writers } from '../../words/writers.ts';
import type { Sheets } from './paper.ts';

/** What papers of a parcel say. Where the buyer lives is read on the server for printing and goes nowhere else. */
export interface PaperFacts {
  readonly sheets: Sheets;
  readonly shopName: string;
  readonly fromPostcode: string;
  readonly toPostcode: string;
  /** Initials and region. */
  readonly tag: string;
  readonly address: { readonly name: string; readonly lines: readonly string[] } | null;
  /** The parcel's own short code. */
  readonly code: string;
  readonly title: string;
  /** Each piece by itself, with its number where it has one. */
  readonly pieces: readonly string[];
  readonly accessories: readonly string[];
  readonly serial: string | null;
  /** How many photographs of the packing there are, and how many are wanted; null where none are. */
  readonly photographs: string | null;
  readonly weight: string;
  readonly size: string;
  readonly day: string;
  readonly plan: PlanDocument | null;
  readonly steps: readonly BenchStep[];
  readonly keepUpright: boolean;
  /** The marks the house puts on a box; null where nobody has said. */
  readonly marks: string | null;
  readonly label: {
    readonly carrier: string;
    readonly serviceName: string;
    readonly tracking: string;
    readonly signature: boolean;
  } | null;
  /** Where it is one of several parcels: all of them, in order, and which this is. */
  readonly set: { readonly number: number; readonly parcels: readonly { code: string; title: string; tracking: string | null }[] } | null;
  readonly letter: string | null;
  readonly customs: { readonly declaration: CustomsDeclaration; readonly form: 'simplified' | 'full' } | null;
  /** Everything that happened, a line each. */
  readonly life: readonly string[];
  /** What it came to, name and amount. */
  readonly money: readonly (readonly [what: string, amount: string])[];
  readonly write: Writers;
}
