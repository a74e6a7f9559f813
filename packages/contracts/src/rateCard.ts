import type { RateCard, Service } from '@inch-nest/core';
import { z } from 'zod';
import { civilDate, key, minor, shortText, sizeIn, triple, versionNumber, weightLb } from './numbers.ts';

const prefix = z
  .string()
  .regex(/^([A-Z]{2}(-\d{0,5})?|\d{1,5})$/, 'a postcode prefix has one to five digits, or starts with a country’s two letters');
const clock = z.string().regex(/^([01]\d|2[0-3]):[0-5]\d$/, 'a time is like 16:00');

const surcharge = z.strictObject({
  name: shortText(60),
  when: z.discriminatedUnion('kind', [
    z.strictObject({ kind: z.enum(['longestAbove', 'secondAbove']), inches: sizeIn }),
    z.strictObject({ kind: z.literal('volumeAbove'), in3: z.number().positive().max(1e9) }),
    z.strictObject({ kind: z.literal('weightAbove'), lb: weightLb }),
    z.strictObject({ kind: z.literal('destination'), from: prefix, to: prefix }),
    z.strictObject({ kind: z.literal('nonRectangular') }),
    z.strictObject({ kind: z.literal('peak'), from: civilDate, to: civilDate }),
  ]),
  priceMinor: minor,
  fuelled: z.boolean(),
});

const byZone = z.record(z.string().regex(/^\d$/, 'a zone is one digit'), minor);
const rising = <Row>(of: (row: Row) => number) =>
  [(rows: readonly Row[]) => rows.every((row, i) => i === 0 || of(row) > of(rows[i - 1]!)), 'steps must rise, none twice'] as const;

const steps = z
  .array(z.strictObject({ upToLb: weightLb, byZone }))
  .max(500)
  .refine(...rising<{ upToLb: number }>((step) => step.upToLb));

const cubic = z
  .array(z.strictObject({ upToIn3: z.number().positive().max(1e9), byZone }))
  .min(1)
  .max(100)
  .refine(...rising<{ upToIn3: number }>((tier) => tier.upToIn3));

export const service = z
  .strictObject({
    key,
    name: shortText(60),
    bought: z.enum(['online', 'counter']).default('online'),
    transitDays: z.int().min(0).max(60),
    pickupWeekdays: z.array(z.int().min(0).max(6)).max(7),
    cutOff: clock,
    steps,
    cubic: cubic.nullable().default(null),
    containers: z.array(key).min(1).max(40).nullable().default(null),
    rounding: z.enum(['step', 'ounce', 'pound', 'halfKilogram']),
    volumetric: z
      .strictObject({
        divisorIn3PerLb: z.number().positive().max(1e6),
        aboveIn3: z.number().min(0).max(1e9),
        sideRounding: z.enum(['up', 'nearest', 'none']),
      })
      .nullable(),
    limits: z.strictObject({
      weightLb,
      longestIn: sizeIn.nullable(),
      lengthPlusGirthIn: z.number().positive().max(10_000).nullable(),
      leastIn: triple.nullable().default(null),
    }),
    surcharges: z.array(surcharge).max(40),
    fuelPercent: z.number().min(0).max(200),
    cover: z.strictObject({
      includedMinor: minor,
      stepMinor: minor.min(1),
      pricePerStepMinor: minor,
      percent: z.number().min(0).max(100).nullable().default(null),
      ceilingMinor: minor,
      excludes: z.array(key).max(40).default([]),
    }),
    signatureMinor: minor.nullable(),
    handlingFactor: z.number().min(0.2).max(5),
    crushFactor: z.number().min(0.2).max(5).default(1),
  })
  .refine(({ steps: byWeight, cubic: byVolume }) => (byVolume === null ? byWeight.length > 0 : byWeight.length === 0), {
    path: ['steps'],
    message: 'prices go by steps of weight or by cubic tiers, one of the two',
  }) satisfies z.ZodType<Service>;

const container = z.strictObject({
  key,
  name: shortText(60),
  style: z.enum(['slotted', 'padded', 'stiffened']),
  insideIn: triple,
  outsideIn: triple,
  weightLb,
});

const unique =
  <Row>(of: (row: Row) => string) =>
  (rows: readonly Row[]) =>
    new Set(rows.map(of)).size === rows.length;

export const rateCard = z
  .strictObject({
    id: key,
    version: versionNumber,
    carrier: shortText(60),
    currency: z.string().regex(/^[A-Z]{3}$/),
    validFrom: civilDate,
    validTo: civilDate.nullable(),
    zones: z
      .array(
        z.strictObject({
          originFrom: prefix,
          originTo: prefix,
          destinationFrom: prefix,
          destinationTo: prefix,
          zone: z.int().min(0).max(9),
        }),
      )
      .min(1)
      .max(2000),
    services: z
      .array(service)
      .min(1)
      .max(60)
      .refine(
        unique<{ key: string }>((one) => one.key),
        'each service has a key of its own',
      ),
    containers: z
      .array(container)
      .max(40)
      .refine(
        unique<{ key: string }>((one) => one.key),
        'each container has a key of its own',
      )
      .default([]),
    holidays: z.array(civilDate).max(200),
  })
  .refine(
    ({ services, containers }) =>
      services.every((one) => one.containers === null || one.containers.every((name) => containers.some((own) => own.key === name))),
    { path: ['services'], message: 'a service names a container that the card does not have' },
  ) satisfies z.ZodType<RateCard>;
