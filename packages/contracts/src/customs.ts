import { CUSTOMS_PURPOSES, type CustomsDeclaration, type CustomsPurpose } from '@inch-nest/core';
import { z } from 'zod';
import { minor, shortText } from './numbers.ts';

/** A customs declaration as it is kept while somebody fills it in; what is missing for printing the core says. */
export const customsDeclaration = z.strictObject({
  purpose: z.enum(CUSTOMS_PURPOSES as [CustomsPurpose, ...CustomsPurpose[]]),
  reason: z.string().max(200),
  lines: z
    .array(
      z.strictObject({
        id: z.string().min(1).max(40),
        what: shortText(80),
        count: z.int().min(1).max(999),
        valueMinor: minor,
        weightLb: z.number().positive().max(150),
        origin: z.string().regex(/^[A-Z]{2}$/, 'a country has two letters'),
      }),
    )
    .max(20),
}) satisfies z.ZodType<CustomsDeclaration>;
