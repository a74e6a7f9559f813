import type { RateCard, Service } from '@inch-nest/core';
import { z } from 'zod';
import { civilDate, key, minor, shortText, sizeIn, weightLb } from './numbers.ts';

const prefix = z.string().regex(/^\d{1,5}$/, 'a postcode prefix has one to five digits');
const clock = z.string().regex(/^([01]\d|2[0-3]):[0-5]\d$/, 'a time is like 16:00');

const surcharge = z.strictObject({
  name: shortText(60),
  when: z.discriminatedUnion('kind', [
    z.strictObject({ kind: z.enum(['longestAbove', 'secondAbove']), inches: sizeIn }),
    z.strictObject({ kind: z.literal('volumeAbove'), in3: z.number().positive() }),
    z.strictObject({ kind: z.literal('weightAbove'), lb: weightLb }),
    z.strictObject({ kind: z.literal('destination'), from: prefix, to: prefix }),
  ]),
  priceMinor: minor,
  fuelled: z.boolean(),
});

const steps = z
  .array(z.strictObject({ upToLb: weightLb, byZone: z.record(z.string().regex(/^\d$/), minor) }))
  .min(1)
  .max(500)
  .refine((list) => list.every((step, i) => i === 0 || step.upToLb > list[i - 1]!.upToLb), 'steps must rise, none twice');

export const service = z.strictObject({
  key,
  name: shortText(60),
  transitDays: z.int().min(0).max(60),
  pickupWeekdays: z.array(z.int().min(0).max(6)).max(7),
  cutOff: clock,
  steps,
  rounding: z.enum(['step', 'ounce', 'pound', 'halfKilogram']),
  volumetric: z
    .strictObject({ divisorIn3PerLb: z.number().positive(), aboveIn3: z.number().min(0), sideRounding: z.enum(['up', 'nearest', 'none']) })
    .nullable(),
  limits: z.strictObject({ weightLb, longestIn: sizeIn.nullable(), lengthPlusGirthIn: z.number().positive().nullable() }),
  surcharges: z.array(surcharge).max(40),
  fuelPercent: z.number().min(0).max(200),
  cover: z.strictObject({ includedMinor: minor, stepMinor: minor.min(1), pricePerStepMinor: minor, ceilingMinor: minor }),
  signatureMinor: minor.nullable(),
  handlingFactor: z.number().min(0.2).max(5),
}) satisfies z.ZodType<Service>;

export const rateCard = z.strictObject({
  id: key,
  version: z.int().min(1),
  carrier: shortText(60),
  currency: z.string().regex(/^[A-Z]{3}$/),
  validFrom: civilDate,
  validTo: civilDate.nullable(),
  zones: z
    .array(
      z.strictObject({ originFrom: prefix, originTo: prefix, destinationFrom: prefix, destinationTo: prefix, zone: z.int().min(0).max(9) }),
    )
    .min(1)
    .max(2000),
  services: z.array(service).min(1).max(60),
  holidays: z.array(civilDate).max(200),
}) satisfies z.ZodType<RateCard>;
