import type { RateCard } from '@inch-nest/core';
import { parseMoney } from '@inch-nest/core/units';
import { problemsOf, rateCard, type Problem } from '@inch-nest/contracts';
import { COLUMNS, WEEKDAYS, ZONE_COLUMNS, type RateCardCsv, type Table } from './rateCardTables.ts';
import { readTable, type TableRow } from './readTable.ts';

const LB_PER = { lb: 1, oz: 1 / 16, kg: 1 / 0.45359237 } as const;
const NEEDED: readonly Table[] = ['card', 'zones', 'services', 'prices'];
const TABLES = Object.keys(COLUMNS) as Table[];

export type RateCardReading =
  | { readonly ok: true; readonly card: RateCard }
  | { readonly ok: false; readonly problems: readonly Problem[] };

/**
 * Reads a rate card from its CSV set: all of it, or none with every problem by file, line and column.
 *
 * `card`, `zones`, `services` and `prices` are needed; `containers`, `surcharges` and `holidays` may be
 * left out. A step's unit is `lb`, `oz`, `kg`, or `in3` for a tier by outside volume.
 */
export function readRateCardCsv(set: RateCardCsv): RateCardReading {
  const problems: Problem[] = [];
  for (const name of Object.keys(set))
    if (!TABLES.includes(tableOf(name) as Table)) problems.push({ path: name, message: 'not a table of a rate card' });
  const rows = {} as Record<Table, readonly TableRow[]>;
  for (const table of TABLES) {
    const text = Object.entries(set).find(([name]) => tableOf(name) === table)?.[1];
    rows[table] = [];
    if (text === undefined) {
      if (NEEDED.includes(table)) problems.push({ path: `${table}.csv`, message: 'is missing' });
      continue;
    }
    const reading = readTable(`${table}.csv`, text, COLUMNS[table], table === 'prices' ? ZONE_COLUMNS : []);
    if (reading.ok) rows[table] = reading.rows;
    else problems.push(...reading.problems);
  }
  if (problems.length > 0) return { ok: false, problems };
  const cell = (table: Table) => cellReader(`${table}.csv`, problems);
  const card = cardOf(rows, cell, problems);
  if (problems.length > 0) return { ok: false, problems };
  const parsed = rateCard.safeParse(card);
  return parsed.success ? { ok: true, card: parsed.data } : { ok: false, problems: problemsOf(parsed.error) };
}

const tableOf = (name: string): string => name.replace(/\.csv$/, '');

type Cells = ReturnType<typeof cellReader>;

/** Reads cells of one file, noting what is wrong where it stands. */
function cellReader(file: string, problems: Problem[]) {
  const wrong = (row: TableRow, column: string, message: string) => problems.push({ path: `${file}:${row.line}:${column}`, message });
  const number = (row: TableRow, column: string): number => {
    const text = row.cells[column]!;
    const value = Number(text);
    if (text === '' || !Number.isFinite(value)) wrong(row, column, `a number is wanted, not ${text || 'nothing'}`);
    return value;
  };
  const money = (row: TableRow, column: string): number => {
    const minor = parseMoney(row.cells[column]!);
    if (minor === null) wrong(row, column, `an amount like 8.40 is wanted, not ${row.cells[column] || 'nothing'}`);
    return minor ?? 0;
  };
  const orNull =
    <Value>(read: (row: TableRow, column: string) => Value) =>
    (row: TableRow, column: string) =>
      row.cells[column] === '' ? null : read(row, column);
  const list = (row: TableRow, column: string): string[] => row.cells[column]!.split(/\s+/).filter(Boolean);
  return {
    wrong,
    number,
    money,
    list,
    numberOrNull: orNull(number),
    moneyOrNull: orNull(money),
    text: (row: TableRow, column: string) => row.cells[column]!,
  };
}

function cardOf(rows: Record<Table, readonly TableRow[]>, cell: (table: Table) => Cells, problems: Problem[]): unknown {
  const own = cell('card');
  const zones = cell('zones');
  const boxes = cell('containers');
  const [head, ...more] = rows.card;
  if (!head || more.length > 0) problems.push({ path: 'card.csv', message: 'one row is wanted' });
  if (!head) return null;
  const keys = rows.services.map((row) => row.cells['service']!);
  for (const [table, column] of [
    ['prices', 'service'],
    ['surcharges', 'service'],
  ] as const)
    for (const row of rows[table])
      if (!keys.includes(row.cells[column]!))
        cell(table).wrong(row, column, `${row.cells[column] || 'nothing'} is not a service of services.csv`);
  return {
    id: own.text(head, 'id'),
    version: own.number(head, 'version'),
    carrier: own.text(head, 'carrier'),
    currency: own.text(head, 'currency'),
    validFrom: own.text(head, 'validFrom'),
    validTo: own.text(head, 'validTo') || null,
    zones: rows.zones.map((row) => ({
      originFrom: zones.text(row, 'originFrom'),
      originTo: zones.text(row, 'originTo'),
      destinationFrom: zones.text(row, 'destinationFrom'),
      destinationTo: zones.text(row, 'destinationTo'),
      zone: zones.number(row, 'zone'),
    })),
    holidays: rows.holidays.map((row) => row.cells['day']!),
    containers: rows.containers.map((row) => ({
      key: boxes.text(row, 'key'),
      name: boxes.text(row, 'name'),
      style: boxes.text(row, 'style'),
      insideIn: ['length', 'width', 'depth'].map((column) => boxes.number(row, column)),
      outsideIn: ['outsideLength', 'outsideWidth', 'outsideDepth'].map((column) => boxes.number(row, column)),
      weightLb: boxes.number(row, 'maxWeight'),
    })),
    services: rows.services.map((row) => serviceOf(row, rows, cell)),
  };
}

function serviceOf(row: TableRow, rows: Record<Table, readonly TableRow[]>, cell: (table: Table) => Cells): unknown {
  const { text, number, money, list, numberOrNull, moneyOrNull, wrong } = cell('services');
  const key = text(row, 'service');
  const divisor = numberOrNull(row, 'volumetricDivisor');
  const least = ['minLength', 'minWidth', 'minDepth'].map((column) => numberOrNull(row, column));
  const set = least.filter((side) => side !== null);
  if (set.length > 0 && set.length < 3) wrong(row, 'minLength', 'all three least sides, or none');
  const containers = list(row, 'containers');
  const prices = rows.prices.filter((one) => one.cells['service'] === key);
  const cubic = prices.filter((one) => one.cells['unit'] === 'in3');
  const zones = new Set(rows.zones.map((one) => Number(one.cells['zone'])));
  return {
    key,
    name: text(row, 'name'),
    bought: text(row, 'bought'),
    transitDays: number(row, 'transitDays'),
    pickupWeekdays: list(row, 'pickup').map((day) => {
      const at = WEEKDAYS.indexOf(day);
      if (at < 0) wrong(row, 'pickup', `${day} is not one of ${WEEKDAYS.join(' ')}`);
      return at;
    }),
    cutOff: text(row, 'cutOff'),
    rounding: text(row, 'rounding'),
    containers: containers.length > 0 ? containers : null,
    volumetric:
      divisor === null
        ? null
        : { divisorIn3PerLb: divisor, aboveIn3: number(row, 'volumetricAbove'), sideRounding: text(row, 'sideRounding') },
    limits: {
      weightLb: number(row, 'maxWeight'),
      longestIn: numberOrNull(row, 'maxLength'),
      lengthPlusGirthIn: numberOrNull(row, 'maxLengthPlusGirth'),
      leastIn: set.length === 3 ? least : null,
    },
    fuelPercent: number(row, 'fuelPercent'),
    cover: {
      includedMinor: money(row, 'coverIncluded'),
      stepMinor: money(row, 'coverStep'),
      pricePerStepMinor: money(row, 'coverPricePerStep'),
      percent: numberOrNull(row, 'coverPercent'),
      ceilingMinor: money(row, 'coverCeiling'),
      excludes: list(row, 'coverExcludes'),
    },
    signatureMinor: moneyOrNull(row, 'signature'),
    handlingFactor: number(row, 'handlingFactor'),
    crushFactor: number(row, 'crushFactor'),
    steps: pricesOf(
      prices.filter((one) => one.cells['unit'] !== 'in3'),
      zones,
      cell('prices'),
    ),
    cubic: cubic.length > 0 ? pricesOf(cubic, zones, cell('prices')).map(({ upToLb, byZone }) => ({ upToIn3: upToLb, byZone })) : null,
    surcharges: rows.surcharges.filter((one) => one.cells['service'] === key).map((one) => surchargeOf(one, cell('surcharges'))),
  };
}

/** Steps of one service, rising, none twice, and no zone of the card left out between two that have a price. */
function pricesOf(
  rows: readonly TableRow[],
  zones: ReadonlySet<number>,
  { number, money, wrong }: Cells,
): { upToLb: number; byZone: Record<string, number> }[] {
  let last = 0;
  return rows.map((row) => {
    const unit = row.cells['unit']!;
    const factor = unit === 'in3' ? 1 : LB_PER[unit as keyof typeof LB_PER];
    if (factor === undefined) wrong(row, 'unit', `${unit || 'nothing'} is not one of lb, oz, kg, in3`);
    const upToLb = number(row, 'upTo') * (factor ?? 1);
    if (upToLb <= last) wrong(row, 'upTo', upToLb === last ? 'the same step twice' : 'below the step before');
    last = upToLb;
    const priced = ZONE_COLUMNS.flatMap((column, zone) => ((row.cells[column] ?? '') === '' ? [] : [{ column, zone }]));
    if (priced.length === 0) wrong(row, 'zone 0', 'no price for any zone');
    for (let zone = priced[0]?.zone ?? 0; zone < (priced.at(-1)?.zone ?? 0); zone++)
      if (zones.has(zone) && !priced.some((one) => one.zone === zone))
        wrong(row, `zone ${zone}`, 'no price between two zones that have one');
    return { upToLb, byZone: Object.fromEntries(priced.map(({ column, zone }) => [String(zone), money(row, column)])) };
  });
}

function surchargeOf(row: TableRow, { text, number, money, wrong }: Cells): unknown {
  const kind = text(row, 'when');
  const fuelled = text(row, 'fuelled');
  if (fuelled !== 'yes' && fuelled !== 'no') wrong(row, 'fuelled', `yes or no is wanted, not ${fuelled || 'nothing'}`);
  const when: Record<string, () => unknown> = {
    longestAbove: () => ({ kind, inches: number(row, 'above') }),
    secondAbove: () => ({ kind, inches: number(row, 'above') }),
    volumeAbove: () => ({ kind, in3: number(row, 'above') }),
    weightAbove: () => ({ kind, lb: number(row, 'above') }),
    destination: () => ({ kind, from: text(row, 'from'), to: text(row, 'to') }),
    nonRectangular: () => ({ kind }),
    peak: () => ({ kind, from: text(row, 'from'), to: text(row, 'to') }),
  };
  if (!Object.hasOwn(when, kind)) wrong(row, 'when', `${kind || 'nothing'} is not one of ${Object.keys(when).join(', ')}`);
  return {
    name: text(row, 'name'),
    when: Object.hasOwn(when, kind) ? when[kind]!() : null,
    priceMinor: money(row, 'price'),
    fuelled: fuelled === 'yes',
  };
}
