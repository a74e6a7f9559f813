import { readdirSync, readFileSync } from 'node:fs';
import { join, relative } from 'node:path';

const root = join(__dirname, '../..');

/** Where figures get their units; everywhere else asks for them. */
const DOORS = [/^packages\/core\/src\/units\//, /^apps\/web\/src\/words\//, /^apps\/web\/src\/parts\/writeTenths\.ts$/];
/** Files that speak a card's or a file format's own units, or check a stowage in the core's own. */
const OWN_UNITS = [
  /^apps\/web\/src\/beside\/cards\/compareCards\.ts$/,
  /^packages\/core\/src\/engineering\/stowage\/verifyStowage\.ts$/,
  /^packages\/core\/src\/engineering\/tariff\/basePrice\.ts$/,
  /^apps\/web\/src\/drawings\/NestDrawing\.tsx$/,
  /^apps\/cli\//,
];
/** A figure put in, and a unit right after it: `${x} lb`, `{x} in³`. “in” counts only after a length; g is a multiple of gravity everywhere. */
const UNIT_BESIDE =
  /\}\s?(?:lb|oz|ft|cm|kg|psi|kPa|ft²|ft³|in²|in³|m²)(?=[\s`'"<.,;:)]|$)|\{[^}]*(?:In|[sS]ide|[sS]ize|[lL]ength|inches)[^}]*\}\s?in(?=[`'"<,;:)]|\s*$)/;

const sources = (folder: string): string[] =>
  readdirSync(join(root, folder), { withFileTypes: true }).flatMap((entry) => {
    const path = join(folder, entry.name);
    if (entry.isDirectory()) return entry.name === 'node_modules' || entry.name === '.next' ? [] : sources(path);
    return /\.tsx?$/.test(entry.name) && !/\.test\.tsx?$/.test(entry.name) ? [path] : [];
  });

/** A figure and its unit as plain text, on a screen: “like 2 1/4 in”. A chance (1 in 240) is none. */
const UNIT_IN_WORDS = /['"`>][^'"`]*[\d½¼¾]\s(?:in|lb|oz|ft|cm|kg)(?=['"`<.,;:)]|\s(?!\d))[^'"`]*['"`<]/;
/** Sheets of a label printer are called by their size. */
const NAMED_SO = [/^apps\/web\/src\/parcel\/usePrinting\.tsx$/];

test('no screen says a figure with a unit of its own', () => {
  const found = sources('apps/web/src').flatMap((path) => {
    if ([...DOORS, ...OWN_UNITS, ...NAMED_SO].some((door) => door.test(path))) return [];
    return readFileSync(join(root, path), 'utf8')
      .split('\n')
      .flatMap((text, i) => (UNIT_IN_WORDS.test(text) && !/^\s*(\*|\/\/|\/\*)/.test(text) ? [`${path}:${i + 1}: ${text.trim()}`] : []));
  });
  expect(found).toEqual([]);
});

test.each([
  ["'one length, like 2 1/4 in'", true],
  ['placeholder="3 lb 9 oz"', true],
  ["'a side is at most 108 in'", true],
  ["'less than 1 in 5,000'", false],
  ['<h2>What breaks first</h2>', false],
])('%s says a unit: %p', (text, found) => expect(UNIT_IN_WORDS.test(text)).toBe(found));

test('no unit is written beside a number but behind its doors', () => {
  const found = ['packages', 'apps'].flatMap(sources).flatMap((path) => {
    const name = relative(root, join(root, path));
    if ([...DOORS, ...OWN_UNITS].some((door) => door.test(name))) return [];
    return readFileSync(join(root, path), 'utf8')
      .split('\n')
      .flatMap((text, i) => (UNIT_BESIDE.test(text) && !/^\s*(\*|\/\/|\/\*)/.test(text) ? [`${name}:${i + 1}: ${text.trim()}`] : []));
  });
  expect(found).toEqual([]);
});

test.each([
  ['`${plan.grossLb.toFixed(1)} lb`', true],
  ['<td>{left} ft²</td>', true],
  ['`${side} in`', true],
  ['`${name} in the box`', false],
  ['`${write.weight(lb)} in all`', false],
])('%s is found: %p', (text, found) => expect(UNIT_BESIDE.test(text)).toBe(found));
