import { sameContent } from '@inch-nest/core';
import { z } from 'zod';
import { FIELDS, readField } from './fields.ts';
import type { FieldEntity } from './keptFields.ts';
import { uuid } from './numbers.ts';
import { locks, MOST_PIECES, planChoice } from './plan.ts';
import type { FieldSetting } from './typedFields.ts';

const field = z.looseObject({ text: z.string().max(20_000), value: z.unknown() });
const fields = z.record(z.string().max(40), field);

/** A parcel as its file has it: what is read back of it. What happened to it stays where it happened. */
export const parcelFile = z.looseObject({
  format: z.literal('inch-nest-parcel', { error: 'this is not the file of a parcel' }),
  version: z.literal(1, { error: 'this file is of a later version than this application' }),
  parcel: z.looseObject({
    pieceId: uuid,
    sale: fields,
    piece: fields,
    others: z.array(z.looseObject({ pieceId: uuid, piece: fields })).max(MOST_PIECES - 1),
    nest: z.looseObject({ choice: planChoice.nullable(), locks }),
  }),
});
export type ParcelFile = z.infer<typeof parcelFile>;

/** What became of the nest of a file: kept here too, not to be made from this stockroom, or there was none. */
export type NestOfFile = 'kept' | 'left' | 'none';

export const openParcelFile = z.strictObject({ id: uuid, personId: uuid, file: z.string().max(1_000_000) });

/** Units that a text was typed in, where whoever reads it types in others. */
const UNITS = ['', ' in', ' cm', ' mm', ' lb', ' oz', ' kg', ' g'];

/**
 * What somebody here would type for a field of a file, so that it comes to mean the same; undefined where nothing was said.
 *
 * @throws RangeError where text and meaning do not agree, or there is no such field
 */
export function typedAgain(
  entity: FieldEntity,
  path: string,
  { text, value }: z.infer<typeof field>,
  setting: FieldSetting,
): string | undefined {
  if (!Object.hasOwn(FIELDS[entity], path)) throw new RangeError('there is no such field');
  if (text === '') return undefined;
  const means = (typed: string) => {
    const reading = readField(entity, path, typed, setting);
    return reading.ok && sameContent(reading.value, value);
  };
  const typed = [...UNITS.map((unit) => text + unit), ...(typeof value === 'string' ? [value] : [])].find(means);
  if (typed === undefined) throw new RangeError(`“${text.slice(0, 60)}” does not mean what the file says it does`);
  return typed;
}
