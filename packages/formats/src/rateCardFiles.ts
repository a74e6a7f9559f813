import type { RateCard } from '@inch-nest/core';
import { problemsOf, rateCard } from '@inch-nest/contracts';
import { strFromU8, strToU8, Unzip, UnzipInflate, zipSync } from 'fflate';
import { readRateCardCsv, type RateCardReading } from './readRateCardCsv.ts';
import { writeRateCardCsv } from './writeRateCardCsv.ts';

/** A file as it was chosen: its name and its bytes. */
export interface NamedFile {
  readonly name: string;
  readonly bytes: Uint8Array;
}

/** Together, unpacked: a full card of two thousand zones and sixty services has a fifth of it. */
export const MOST_CARD_BYTES = 1_000_000;
const MOST_MEMBERS = 20;
/** A card nests to seven. */
const MOST_DEPTH = 40;
const PIECE_BYTES = 4096;
/** The longest end of a ZIP, with its comment. */
const MOST_TRAILER = 65_557;

const refuse = (path: string, message: string): RateCardReading => ({ ok: false, problems: [{ path, message }] });

/**
 * Reads a rate card from what somebody chose: one JSON document, a CSV set, or a ZIP of such a set. All of
 * it, or none with every problem in its place.
 */
export function readRateCardFiles(files: readonly NamedFile[]): RateCardReading {
  if (files.length === 0) return refuse('(files)', 'choose a JSON document, or the CSV files of a card');
  if (files.reduce((sum, file) => sum + file.bytes.length, 0) > MOST_CARD_BYTES)
    return refuse('(files)', `at most ${MOST_CARD_BYTES / 1e6} MB, please`);
  const [only] = files;
  if (files.length === 1 && only!.name.toLowerCase().endsWith('.json')) return readJson(only!);
  if (files.length === 1 && only!.name.toLowerCase().endsWith('.zip')) return readZip(only!);
  return readRateCardCsv(Object.fromEntries(files.map((file) => [baseName(file.name), strFromU8(file.bytes)])));
}

/** A card as one ZIP of its CSV set; reads back equal. */
export const zipRateCard = (card: RateCard): Uint8Array =>
  zipSync(
    Object.fromEntries(
      Object.entries(writeRateCardCsv(card)).map(([name, text]) => [`${baseName(name).replace(/\.csv$/, '')}.csv`, strToU8(text)]),
    ),
  );

/** Files as one ZIP; pictures are not squeezed again. */
export const zipFiles = (files: readonly NamedFile[]): Uint8Array =>
  zipSync(Object.fromEntries(files.map(({ name, bytes }) => [name, [new Uint8Array(bytes), { level: name.endsWith('.jpg') ? 0 : 6 }]])));

const baseName = (path: string): string => path.split(/[\\/]/).at(-1)!;

function readJson({ name, bytes }: NamedFile): RateCardReading {
  if (depthOf(bytes) > MOST_DEPTH) return refuse(name, 'nested deeper than a rate card is');
  let value: unknown;
  try {
    value = JSON.parse(strFromU8(bytes));
  } catch (error) {
    return refuse(name, `not JSON: ${(error as Error).message}`);
  }
  const parsed = rateCard.safeParse(value);
  return parsed.success ? { ok: true, card: parsed.data } : { ok: false, problems: problemsOf(parsed.error) };
}

/** How deep a JSON text nests, braces within words counted too. */
function depthOf(bytes: Uint8Array): number {
  let depth = 0;
  let deepest = 0;
  for (const byte of bytes) {
    if (byte === 0x5b || byte === 0x7b) deepest = Math.max(deepest, ++depth);
    if (byte === 0x5d || byte === 0x7d) depth--;
  }
  return deepest;
}

/**
 * Reads the tables out of a ZIP, counting what really comes out of it: what a member says of its own size is not believed.
 * Unpacking stops in the middle of the piece that is too much.
 */
function readZip({ name, bytes }: NamedFile): RateCardReading {
  const set: Record<string, Uint8Array[]> = {};
  let members = 0;
  let size = 0;
  let tooMuch: string | null = null;
  const unzip = new Unzip((member) => {
    if (++members > MOST_MEMBERS) tooMuch ??= `at most ${MOST_MEMBERS} files in a ZIP, please`;
    if (!member.name.toLowerCase().endsWith('.csv') || tooMuch) return;
    const parts = (set[baseName(member.name)] = []) as Uint8Array[];
    member.ondata = (error, part) => {
      if (error) throw error;
      size += part.length;
      if (size > MOST_CARD_BYTES) tooMuch ??= `at most ${MOST_CARD_BYTES / 1e6} MB unpacked, please`;
      if (!tooMuch) parts.push(part);
    };
    member.start();
  });
  unzip.register(UnzipInflate);
  try {
    // pieces so small that what comes out of one is never much
    for (let at = 0; at < bytes.length && !tooMuch; at += PIECE_BYTES)
      unzip.push(bytes.subarray(at, at + PIECE_BYTES), at + PIECE_BYTES >= bytes.length);
  } catch {
    return refuse(name, 'the ZIP is cut short or damaged');
  }
  if (tooMuch) return refuse(name, tooMuch);
  if (members === 0 || !endsAsZip(bytes)) return refuse(name, 'the ZIP is cut short or damaged');
  return readRateCardCsv(Object.fromEntries(Object.entries(set).map(([member, parts]) => [member, textOf(parts)])));
}

/** A whole ZIP ends with its list of contents. */
const endsAsZip = (bytes: Uint8Array): boolean => strFromU8(bytes.subarray(-MOST_TRAILER), true).includes('PK\x05\x06');

function textOf(parts: readonly Uint8Array[]): string {
  const whole = new Uint8Array(parts.reduce((sum, part) => sum + part.length, 0));
  let at = 0;
  for (const part of parts) {
    whole.set(part, at);
    at += part.length;
  }
  return strFromU8(whole);
}
