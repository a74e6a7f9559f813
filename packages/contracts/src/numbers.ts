import { MAX_SIZE_IN, MAX_WEIGHT_LB, POSTCODE, POSTCODE_SAYS } from '@inch-nest/core/units';
import { z } from 'zod';

/** A size within the model's bounds, inches. */
export const sizeIn = z.number().positive().max(MAX_SIZE_IN);
/** A weight within the model's bounds, pounds. */
export const weightLb = z.number().positive().max(MAX_WEIGHT_LB);
/** Money in integer minor units, from nothing to a million. */
export const minor = z.int().min(0).max(100_000_000);
/** Three sides. */
export const triple = z.tuple([sizeIn, sizeIn, sizeIn]);
/** Years that a parcel may have to do with: beyond them a date was typed wrong. */
const inReach = (date: string): boolean => date >= '1900' && date < '2200';
/** A day that exists, in our times. */
export const civilDate = z.iso.date().refine(inReach, 'a day between 1900 and 2199');
/** An instant in our times. */
export const instant = z.iso.datetime().refine(inReach, 'a time between 1900 and 2199');
/** A version as people count them. */
export const versionNumber = z.int().min(1).max(1_000_000);
export const uuid = z.uuid();
export const postcode = z.string().regex(/^\d{5}$/, 'a postcode has five digits');
/** Where something goes: five digits, abroad with the country in front. */
export const destination = z.string().regex(POSTCODE, POSTCODE_SAYS);
/** A key as registries and stock use them. */
export const key = z.string().min(1).max(60);
/** A short text a person typed. */
export const shortText = (most: number) => z.string().trim().min(1).max(most);
