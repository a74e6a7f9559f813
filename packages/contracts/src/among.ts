import type { Person } from './shopView.ts';

/** Whoever an id names; the shop's first person where it names nobody who is there. */
export const personAmong = (people: readonly Person[], id: string | null | undefined): Person =>
  people.find((one) => one.id === id && !one.gone) ?? people.find((one) => !one.gone) ?? people[0]!;

/** What whoever did something is called; a person who is no longer of the shop is somebody. */
export const nameAmong = (people: readonly Person[], id: string): string => people.find((one) => one.id === id)?.name ?? 'somebody';
