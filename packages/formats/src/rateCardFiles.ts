import type { RateCard } from '@inch-nest/core';
import { problemsOf, rateCard } from '@inch-nest/contracts';
import { strFromU8, strToU8, unzipSync, zipSync } from 'fflate';
import { readRateCardCsv, type RateCardReading } from './readRateCardCsv.ts';
import { writeRateCardCsv } from './writeRateCardCsv.ts';

/** A file as it was chosen: its name and its bytes. */
export interface NamedFile {
  readonly name: string;
  readonly bytes: Uint8Array;
}

/** Together, unpacked: more is no rate card. */
export const MOST_CARD_BYTES = 5_000_000;

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
  let value: unknown;
  try {
    value = JSON.parse(strFromU8(bytes));
  } catch (error) {
    return refuse(name, `not JSON: ${(error as Error).message}`);
  }
  const parsed = rateCard.safeParse(value);
  return parsed.success ? { ok: true, card: parsed.data } : { ok: false, problems: problemsOf(parsed.error) };
}

function readZip({ name, bytes }: NamedFile): RateCardReading {
  let size = 0;
  try {
    const packed = unzipSync(bytes, {
      // what a member says of its size is looked at before it is unpacked
      filter: ({ name: member, originalSize }) => {
        if (!member.toLowerCase().endsWith('.csv')) return false;
        size += originalSize;
        return size <= MOST_CARD_BYTES;
      },
    });
    if (size > MOST_CARD_BYTES) return refuse(name, `at most ${MOST_CARD_BYTES / 1e6} MB unpacked, please`);
    return readRateCardCsv(Object.fromEntries(Object.entries(packed).map(([member, text]) => [baseName(member), strFromU8(text)])));
  } catch {
    return refuse(name, 'the ZIP is cut short or damaged');
  }
}
