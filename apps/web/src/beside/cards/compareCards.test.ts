import type { RateCard } from '@inch-nest/core';
import { CARD, SERVICE } from '../../../../../packages/core/tests/sampleRequest.ts';
import { compareCards } from './compareCards.ts';

const money = (minor: number) => `$${(minor / 100).toFixed(2)}`;
const differ = (after: Partial<RateCard>) => compareCards(CARD, { ...CARD, ...after }, money);
const [service] = CARD.services;

test('a card and itself: nothing', () => expect(differ({})).toEqual([]));

test.each<[string, Partial<RateCard>, string, string, string]>([
  ['validity', { validTo: '2027-06-30' }, 'valid', `${CARD.validFrom} to further notice`, `${CARD.validFrom} to 2027-06-30`],
  ['a holiday more', { holidays: ['2026-12-25'] }, 'holidays', 'none', '2026-12-25'],
  ['a fuel surcharge', { services: [{ ...service!, fuelPercent: 7 }] }, `${SERVICE.name}: fuel`, '0%', '7%'],
  ['a service gone', { services: [{ ...service!, key: 'other', name: 'Other' }] }, SERVICE.name, 'offered', 'not offered'],
])('%s', (_, after, what, before, now) => expect(differ(after)).toContainEqual({ what, before, after: now }));

test('one price that moved is named by service, step and zone', () => {
  const [step] = service!.steps;
  const zone = Object.keys(step!.byZone)[0]!;
  const steps = [{ ...step!, byZone: { ...step!.byZone, [zone]: step!.byZone[zone]! + 45 } }, ...service!.steps.slice(1)];
  expect(differ({ services: [{ ...service!, steps }, ...CARD.services.slice(1)] })).toEqual([
    {
      what: `${service!.name}, to ${Number(step!.upToLb.toFixed(4))} lb, zone ${zone}`,
      before: money(step!.byZone[zone]!),
      after: money(step!.byZone[zone]! + 45),
    },
  ]);
});
