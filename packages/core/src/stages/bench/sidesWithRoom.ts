import type { Gaps } from '../box/StowedBox.ts';

/** Between a bundle and a wall that is nearer than this no hand puts fill, and no finger goes; inches. Common practice, no source. */
const NO_ROOM_IN = 0.25;

/** Where round a bundle there is room: on all sides, at both ends alone, or along the front and the back alone; null for nowhere. */
export type SidesWithRoom = 'all' | 'ends' | 'alongside' | null;

/** @param gaps all six, inches */
export function sidesWithRoom({ front, back, left, right }: Gaps): SidesWithRoom {
  const [ends, alongside] = [Math.max(left, right), Math.max(front, back)].map((gap) => gap >= NO_ROOM_IN);
  return ends && alongside ? 'all' : ends ? 'ends' : alongside ? 'alongside' : null;
}

/** Where fill is pressed down. */
export const PRESSED_DOWN: Readonly<Record<Exclude<SidesWithRoom, null>, string>> = {
  all: 'pressed down all round',
  ends: 'pressed down at both ends; in its width the bundle fills the box',
  alongside: 'pressed down along front and back; in its length the bundle fills the box',
};

/** On which sides two fingers are tried. */
export const FINGERS_GO: Readonly<Record<Exclude<SidesWithRoom, null>, string>> = {
  all: 'on every side',
  ends: 'at both ends',
  alongside: 'along front and back',
};
