import type { Person } from '@inch-nest/contracts';

/** The stall and its two people; ids are fixed so that a reload of the demo is the same shop. */
export const DEMO_SHOP = {
  id: '6a1f0c52-7d0e-4b57-9a36-0c5f2f4b1e01',
  name: 'Lantern Row Salvage',
  zone: 'Europe/London',
  currency: 'USD',
  originPostcode: '10115',
  lastCutOff: '16:00',
};

const PLAIN = { seesMoney: false, sends: false, gone: false };

export const DEMO_PEOPLE: readonly Person[] = [
  { id: '6a1f0c52-7d0e-4b57-9a36-0c5f2f4b1e02', name: 'Odile', system: 'imperial', role: 'owner', ...PLAIN },
  { id: '6a1f0c52-7d0e-4b57-9a36-0c5f2f4b1e03', name: 'Tam', system: 'imperial', role: 'planner', ...PLAIN },
];
