import type { RateCard } from '@inch-nest/core';

/** One thing that differs between two versions of a card. */
export interface CardDifference {
  readonly what: string;
  readonly before: string;
  readonly after: string;
}

type Money = (minor: number) => string;

/** What differs between two cards, in the order of the card: facts, services, then prices step by step and zone by zone. */
export function compareCards(before: RateCard, after: RateCard, money: Money): CardDifference[] {
  const found: CardDifference[] = [];
  const note = (what: string, one: string, other: string) => {
    if (one !== other) found.push({ what, before: one, after: other });
  };
  note('valid', span(before), span(after));
  note('holidays', before.holidays.join(', ') || 'none', after.holidays.join(', ') || 'none');
  note('zones', String(before.zones.length), String(after.zones.length));
  note(
    'containers',
    before.containers.map((one) => one.name).join(', ') || 'none',
    after.containers.map((one) => one.name).join(', ') || 'none',
  );
  const keys = [...new Set([...before.services, ...after.services].map((service) => service.key))];
  for (const key of keys) {
    const [one, other] = [before, after].map((card) => card.services.find((service) => service.key === key));
    if (!one || !other) {
      note((one ?? other)!.name, one ? 'offered' : 'not offered', other ? 'offered' : 'not offered');
      continue;
    }
    const { name } = other;
    const facts = (service: typeof one): [string, string][] => [
      ['name', service.name],
      ['days', String(service.transitDays)],
      ['cut-off', service.cutOff],
      ['fuel', `${service.fuelPercent}%`],
      ['heaviest', `${service.limits.weightLb} lb`],
      ['longest', service.limits.longestIn === null ? 'any' : `${service.limits.longestIn} in`],
      ['length and girth', service.limits.lengthPlusGirthIn === null ? 'any' : `${service.limits.lengthPlusGirthIn} in`],
      ['divisor', service.volumetric ? `${service.volumetric.divisorIn3PerLb} above ${service.volumetric.aboveIn3} in³` : 'none'],
      ['cover included', money(service.cover.includedMinor)],
      ['signature', service.signatureMinor === null ? 'none' : money(service.signatureMinor)],
      ['surcharges', service.surcharges.map((line) => `${line.name} ${money(line.priceMinor)}`).join(', ') || 'none'],
    ];
    facts(one).forEach(([what, value], i) => note(`${name}: ${what}`, value, facts(other)[i]![1]));
    const prices = (service: typeof one) =>
      new Map(
        [
          ...service.steps.map((step) => [`to ${Number(step.upToLb.toFixed(4))} lb`, step.byZone] as const),
          ...(service.cubic ?? []).map((tier) => [`to ${tier.upToIn3} in³`, tier.byZone] as const),
        ].flatMap(([step, byZone]) => Object.entries(byZone).map(([zone, minor]) => [`${step}, zone ${zone}`, minor] as const)),
      );
    const [mine, theirs] = [prices(one), prices(other)];
    for (const at of new Set([...mine.keys(), ...theirs.keys()])) {
      const said = (minor: number | undefined) => (minor === undefined ? 'no price' : money(minor));
      note(`${name}, ${at}`, said(mine.get(at)), said(theirs.get(at)));
    }
  }
  return found;
}

const span = ({ validFrom, validTo }: RateCard): string => `${validFrom} to ${validTo ?? 'further notice'}`;
