import { STATIONS } from './stations.ts';

/** Keys of one place, with what each does there. */
export interface KeyGroup {
  readonly name: string;
  readonly keys: readonly (readonly [key: string, does: string])[];
  /** Which page it holds on, by its address. */
  readonly on: (path: string) => boolean;
}

const atParcel = (path: string) => path.startsWith('/parcels/');
const atStation = (station: string) => (path: string) => path.endsWith(`/${station}`);

/** Every key that does something, the nearest place first: the one table, from which the help of each place is told. */
export const KEY_MAP: readonly KeyGroup[] = [
  {
    name: 'At the bench',
    on: atStation('bench'),
    keys: [
      ['Space', 'Done, or it passes, and Seal it in the end, while no button has the focus; a pedal may send it'],
      ['Backspace', 'One step back'],
      ['f', 'The test fails'],
      ['p', 'Pause, and go on'],
    ],
  },
  { name: 'Looking over', on: atStation('look-over'), keys: [['a letter', 'The kind of piece with that letter']] },
  {
    name: 'In the nest',
    on: atStation('nest'),
    keys: [
      ['t', 'Takes the recommended nest'],
      ['← → on an edge', 'Another box, or another gap, as if it were pulled'],
      ['↑ ↓ on the bundle', 'More or less bedding under it'],
      ['Space on ⠿', 'Picks a layer up; arrows move it, Space puts it down'],
    ],
  },
  {
    name: 'Among the services',
    on: atStation('rate'),
    keys: [['c', 'Chooses the service that the nest was planned with, the first where that is gone']],
  },
  { name: 'Along the way', on: atParcel, keys: STATIONS.map(({ key, name }) => [key, name] as const) },
  {
    name: 'Everywhere',
    on: () => true,
    keys: [
      ['Ctrl Z', 'Take back my last change'],
      ['Ctrl Y', 'Do it again'],
      ['n', 'Night bench or day bench'],
      ['/', 'Finds a parcel on the shelf'],
      ['?', 'These keys'],
      ['Escape', 'Leaves a field, closes what is open'],
    ],
  },
];

/** The keys of a place. */
export const keysAt = (path: string): KeyGroup[] => KEY_MAP.filter(({ on }) => on(path));
