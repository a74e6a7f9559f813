import type { LabelMove } from './parcelView.ts';

/** A labelled parcel that has not gone yet. */
export interface WaitingParcel {
  id: string;
  code: string;
  tag: string;
  title: string;
  serviceName: string;
  tracking: string;
  cutOff: string;
  /** The day it is collected, reckoned from now. */
  day: string | null;
  matched: boolean;
  /** What moved since its label was bought: it does not leave like this. */
  moved: LabelMove[];
  /** Which of how many of its set it is, and the codes of those that would stay behind; null where it goes alone. */
  set: { place: number; of: number; behind: string[] } | null;
}

/** What one carrier fetches next: the parcels that wait for it, and the pick-up asked for. */
export interface PickupOfCarrier {
  cardId: string;
  carrier: string;
  parcels: WaitingParcel[];
  asked: { day: string; reference: string; count: number; by: string } | null;
}

export interface PickupList {
  /** Local day and time it was reckoned at. */
  day: string;
  time: string;
  carriers: PickupOfCarrier[];
}
