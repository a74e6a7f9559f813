import { JOBS } from '@inch-nest/core';
import { z } from 'zod';
import { customsDeclaration } from './customs.ts';
import { key, uuid } from './numbers.ts';
import { BOX_WISHES, type FieldEntity, type PieceField, type PieceValues, type SaleField, type SaleValues } from './keptFields.ts';
import {
  accessory,
  archetypeKey,
  finish,
  formKey,
  hardPoint,
  hollow,
  movingParts,
  originalBox,
  partOf,
  withinPiece,
  standing,
  steadying,
} from './piece.ts';
import { accept, readPicked, refuse, TYPED_FIELDS, type FieldReading, type FieldSetting, type Read, type Readers } from './typedFields.ts';

const MOST_TEXT = 2000;

const picked =
  <Value>(schema: z.ZodType<Value>): Read<Value> =>
  (typed) => {
    const reading = readPicked(typed);
    if (!reading.ok) return reading;
    const parsed = schema.safeParse(reading.value);
    return parsed.success ? accept(parsed.data) : refuse(parsed.error.issues[0]?.message ?? 'not one of the choices');
  };

/** Every field that can be edited, by what it belongs to; picked ones carry their value as JSON text. */
export const FIELDS = {
  sale: {
    ...TYPED_FIELDS.sale,
    signatureWish: picked(z.enum(['none', 'add', 'ask'])),
    boxWish: picked(z.enum(BOX_WISHES)),
    customs: picked(customsDeclaration.nullable()),
    job: picked(z.enum(JOBS)),
  },
  piece: {
    ...TYPED_FIELDS.piece,
    archetype: picked(archetypeKey),
    form: picked(formKey.nullable()),
    finish: picked(finish),
    dampSensitive: picked(z.boolean()),
    keepUpright: picked(z.boolean()),
    movingParts: picked(movingParts),
    steadying: picked(steadying),
    hardPoints: picked(z.array(hardPoint).max(24)),
    hollows: picked(z.array(hollow).max(12)),
    accessories: picked(z.array(accessory).max(24)),
    partOf: picked(partOf.nullable()),
    within: picked(withinPiece.nullable()),
    beside: picked(uuid.nullable()),
    storageWrap: picked(z.boolean()),
    irreplaceable: picked(z.boolean()),
    wholeOrNothing: picked(z.boolean()),
    standing: picked(standing),
    interleaf: picked(key.nullable()),
    originalBox: picked(originalBox),
  },
} as const satisfies { sale: Required<Readers<SaleValues>>; piece: Required<Readers<PieceValues>> };

export type FieldPath = SaleField | PieceField;

/** Reads what was typed into a field; an unknown field is refused, and so is a text too long to be one. */
export function readField(entity: FieldEntity, path: string, typed: string, setting: FieldSetting): FieldReading {
  const fields: Readonly<Record<string, Read>> = FIELDS[entity];
  const read = Object.hasOwn(fields, path) ? fields[path] : undefined;
  if (!read) return refuse(`no field ${entity}.${path}`);
  if (typed.length > (['hardPoints', 'hollows', 'accessories', 'customs'].includes(path) ? 20_000 : MOST_TEXT))
    return refuse('that is far too long');
  return read(typed, setting);
}
