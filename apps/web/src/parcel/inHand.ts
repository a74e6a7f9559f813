/** The parcel that was looked at last on this device, and where. */
export interface InHand {
  readonly id: string;
  readonly title: string;
  readonly href: string;
}

const KEY = 'inch-nest-in-hand';

/** Leaves a parcel where it is, to be found again from the day. */
export const leaveInHand = (inHand: InHand): void => localStorage.setItem(KEY, JSON.stringify(inHand));

/** The parcel that was left in hand here; null where none was, or nobody can tell. */
export function lastInHand(): InHand | null {
  try {
    const left = JSON.parse(localStorage.getItem(KEY) ?? 'null') as Partial<InHand> | null;
    return left && typeof left.id === 'string' && typeof left.title === 'string' && left.href?.startsWith(`/parcels/${left.id}/`)
      ? (left as InHand)
      : null;
  } catch {
    return null;
  }
}
