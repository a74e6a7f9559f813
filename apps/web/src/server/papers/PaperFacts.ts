import type { PlanDocument } from '@inch-nest/core';

/** What papers of a parcel say: what is sent and as what, never who lives where. */
export interface PaperFacts {
  readonly shopName: string;
  readonly fromPostcode: string;
  readonly toPostcode: string;
  /** Initials and region. */
  readonly tag: string;
  /** The parcel's own short code. */
  readonly code: string;
  readonly title: string;
  readonly accessories: readonly string[];
  readonly serial: string | null;
  readonly weight: string;
  readonly size: string;
  readonly day: string;
  readonly plan: PlanDocument | null;
  readonly keepUpright: boolean;
  readonly label: {
    readonly carrier: string;
    readonly serviceName: string;
    readonly tracking: string;
    readonly signature: boolean;
  } | null;
}
