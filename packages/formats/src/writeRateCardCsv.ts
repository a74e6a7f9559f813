import type { RateCard, Service } from '@inch-nest/core';
import { COLUMNS, WEEKDAYS, ZONE_COLUMNS, type RateCardCsv, type Table } from './rateCardTables.ts';
import { writeTable } from './readTable.ts';

/** Writes a rate card as its CSV set; read back, it is equal. */
export function writeRateCardCsv(card: RateCard): RateCardCsv {
  const table = (name: Table, rows: readonly Readonly<Record<string, string | number>>[], columns: readonly string[] = COLUMNS[name]) =>
    [`${name}.csv`, writeTable(columns, rows)] as const;
  const priced = ZONE_COLUMNS.filter((_, zone) =>
    card.services.some((one) => [...one.steps, ...(one.cubic ?? [])].some((step) => step.byZone[String(zone)] !== undefined)),
  );
  return Object.fromEntries([
    table('card', [
      {
        id: card.id,
        version: card.version,
        carrier: card.carrier,
        currency: card.currency,
        validFrom: card.validFrom,
        validTo: card.validTo ?? '',
      },
    ]),
    table(
      'zones',
      card.zones.map((rule) => ({ ...rule })),
    ),
    table(
      'holidays',
      card.holidays.map((day) => ({ day })),
    ),
    table(
      'containers',
      card.containers.map(({ key, name, style, insideIn, outsideIn, weightLb }) => ({
        key,
        name,
        style,
        length: insideIn[0],
        width: insideIn[1],
        depth: insideIn[2],
        outsideLength: outsideIn[0],
        outsideWidth: outsideIn[1],
        outsideDepth: outsideIn[2],
        maxWeight: weightLb,
      })),
    ),
    table('services', card.services.map(serviceRow)),
    table('prices', card.services.flatMap(priceRows), [...COLUMNS.prices, ...priced]),
    table('surcharges', card.services.flatMap(surchargeRows)),
  ]);
}

const money = (minor: number): string => (minor / 100).toFixed(2);

const serviceRow = (one: Service): Record<string, string | number> => ({
  service: one.key,
  name: one.name,
  bought: one.bought,
  transitDays: one.transitDays,
  pickup: one.pickupWeekdays.map((day) => WEEKDAYS[day]).join(' '),
  cutOff: one.cutOff,
  rounding: one.rounding,
  containers: one.containers?.join(' ') ?? '',
  volumetricDivisor: one.volumetric?.divisorIn3PerLb ?? '',
  volumetricAbove: one.volumetric?.aboveIn3 ?? '',
  sideRounding: one.volumetric?.sideRounding ?? '',
  maxWeight: one.limits.weightLb,
  maxLength: one.limits.longestIn ?? '',
  maxLengthPlusGirth: one.limits.lengthPlusGirthIn ?? '',
  minLength: one.limits.leastIn?.[0] ?? '',
  minWidth: one.limits.leastIn?.[1] ?? '',
  minDepth: one.limits.leastIn?.[2] ?? '',
  fuelPercent: one.fuelPercent,
  coverIncluded: money(one.cover.includedMinor),
  coverStep: money(one.cover.stepMinor),
  coverPricePerStep: money(one.cover.pricePerStepMinor),
  coverPercent: one.cover.percent ?? '',
  coverCeiling: money(one.cover.ceilingMinor),
  coverExcludes: one.cover.excludes.join(' '),
  signature: one.signatureMinor === null ? '' : money(one.signatureMinor),
  handlingFactor: one.handlingFactor,
  crushFactor: one.crushFactor,
});

const priceRows = (one: Service): Record<string, string | number>[] => [
  ...one.steps.map((step) => priceRow(one.key, step.upToLb, 'lb', step.byZone)),
  ...(one.cubic ?? []).map((tier) => priceRow(one.key, tier.upToIn3, 'in3', tier.byZone)),
];

const priceRow = (
  service: string,
  upTo: number,
  unit: string,
  byZone: Readonly<Record<string, number>>,
): Record<string, string | number> => ({
  service,
  upTo,
  unit,
  ...Object.fromEntries(Object.entries(byZone).map(([zone, minor]) => [`zone ${zone}`, money(minor)])),
});

const surchargeRows = (one: Service): Record<string, string | number>[] =>
  one.surcharges.map(({ name, when, priceMinor, fuelled }) => ({
    service: one.key,
    name,
    when: when.kind,
    above: 'inches' in when ? when.inches : 'in3' in when ? when.in3 : 'lb' in when ? when.lb : '',
    from: 'from' in when ? when.from : '',
    to: 'to' in when ? when.to : '',
    price: money(priceMinor),
    fuelled: fuelled ? 'yes' : 'no',
  }));
