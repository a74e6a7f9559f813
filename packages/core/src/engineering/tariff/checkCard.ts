import type { RateCard, Service, ZoneRule } from './RateCard.ts';

/** Something about a card, where it stands in it. */
export interface CardRemark {
  readonly path: string;
  readonly message: string;
}

/** What may stand in the name of a file: letters, digits, dashes and dots, no dot first. */
const SAFE_NAME = /^[A-Za-z0-9][A-Za-z0-9_.-]{0,59}$/;
const POSTCODE_SIGNS = 5;

/**
 * What keeps a card from being taken in though it reads well: a name that no file may bear, an end before its beginning, two
 * zones for one and the same way.
 */
export function cardFlaws(card: RateCard): CardRemark[] {
  const names: [string, string][] = [
    ['id', card.id],
    ...card.services.map(({ key }, i): [string, string] => [`services.${i}.key`, key]),
    ...card.containers.map(({ key }, i): [string, string] => [`containers.${i}.key`, key]),
  ];
  return [
    ...names
      .filter(([, name]) => !SAFE_NAME.test(name))
      .map(([path]) => ({ path, message: 'a name has letters, digits, dashes and dots, and no other signs' })),
    ...(card.validTo !== null && card.validTo < card.validFrom
      ? [{ path: 'validTo', message: `it ends on ${card.validTo}, before it begins on ${card.validFrom}` }]
      : []),
    ...twoZones(card.zones),
  ];
}

/** What a person confirms before a card is taken in: prices that fall with weight, ways without a price. */
export const cardCautions = (card: RateCard): CardRemark[] => [...gapsIn(card.zones), ...card.services.flatMap(pricesOf)];

/** Rules for one and the same way that say another zone: the first would always win. */
function twoZones(zones: readonly ZoneRule[]): CardRemark[] {
  const ranges = zones.map((rule, i) => ({ rule, i, from: first(rule.destinationFrom), to: last(rule.destinationTo) }));
  const sorted = [...ranges].sort((a, b) => (a.from < b.from ? -1 : 1));
  const open: typeof ranges = [];
  const found: CardRemark[] = [];
  for (const range of sorted) {
    for (let at = open.length - 1; at >= 0; at--) if (open[at]!.to < range.from) open.splice(at, 1);
    const other = open.find((one) => one.rule.zone !== range.rule.zone && sameOrigin(one.rule, range.rule));
    if (other)
      found.push({
        path: `zones.${range.i}`,
        message: `${said(range.rule)} is in zone ${range.rule.zone}, and in zone ${other.rule.zone} by ${said(other.rule)}`,
      });
    open.push(range);
  }
  return found;
}

/** Holes between one rule and the next, by origin: whoever lives there gets no price. */
function gapsIn(zones: readonly ZoneRule[]): CardRemark[] {
  const home = zones.map((rule, i) => ({ rule, i })).filter(({ rule }) => /^\d/.test(rule.destinationFrom));
  const origins = new Map<string, typeof home>();
  for (const one of home) {
    const origin = `${one.rule.originFrom}–${one.rule.originTo}`;
    origins.set(origin, [...(origins.get(origin) ?? []), one]);
  }
  return [...origins].flatMap(([origin, rules]) => {
    const sorted = [...rules].sort((a, b) => (first(a.rule.destinationFrom) < first(b.rule.destinationFrom) ? -1 : 1));
    let reached = Number(last(sorted[0]!.rule.destinationTo));
    return sorted.slice(1).flatMap(({ rule, i }) => {
      const from = Number(first(rule.destinationFrom));
      const gap =
        from > reached + 1
          ? [
              {
                path: `zones.${i}`,
                message: `from ${origin}, nobody from ${five(reached + 1)} to ${five(from - 1)} gets a price: they are in no zone`,
              },
            ]
          : [];
      reached = Math.max(reached, Number(last(rule.destinationTo)));
      return gap;
    });
  });
}

/** Prices of a service that fall where weight or volume rises, and zones that only some of its steps have a price for. */
function pricesOf({ key, name, steps, cubic }: Service): CardRemark[] {
  const rows = cubic ?? steps;
  const zones = [...new Set(rows.flatMap(({ byZone }) => Object.keys(byZone)))].sort();
  return zones.flatMap((zone) => {
    const prices = rows.map(({ byZone }) => byZone[Number(zone)]);
    const missing = prices.filter((price) => price === undefined).length;
    const told = prices.filter((price) => price !== undefined);
    const falls = told.findIndex((price, i) => i > 0 && price < told[i - 1]!);
    return [
      ...(missing > 0 ? [{ path: key, message: `${name}: zone ${zone} has no price in ${missing} of ${rows.length} steps` }] : []),
      ...(falls > 0 ? [{ path: key, message: `${name}: in zone ${zone} step ${falls + 1} costs less than the one before it` }] : []),
    ];
  });
}

/** The first and the last postcode that begin so; abroad they are of any length. */
const first = (prefix: string): string => (/^\d/.test(prefix) ? prefix.padEnd(POSTCODE_SIGNS, '0') : prefix);
const last = (prefix: string): string => (/^\d/.test(prefix) ? prefix.padEnd(POSTCODE_SIGNS, '9') : `${prefix}\uffff`);
const five = (number: number): string => String(number).padStart(POSTCODE_SIGNS, '0');
const said = ({ destinationFrom, destinationTo }: ZoneRule): string =>
  destinationFrom === destinationTo ? destinationFrom : `${destinationFrom}–${destinationTo}`;
const sameOrigin = (a: ZoneRule, b: ZoneRule): boolean =>
  first(a.originFrom) <= last(b.originTo) && first(b.originFrom) <= last(a.originTo);
