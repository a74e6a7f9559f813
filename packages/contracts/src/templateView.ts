import type { PlanChoice } from '@inch-nest/core';

/** A nest that served before: kept under a name, or of a like piece with how that one fared. */
export interface TemplateView {
  id: string;
  kind: 'template' | 'parcel';
  name: string;
  /** How many different pieces it is of, in all of its boxes. */
  pieces: number;
  boxes: number;
  /** State of the earlier parcel; null for a template. */
  arrived: string | null;
  choice: PlanChoice;
}
