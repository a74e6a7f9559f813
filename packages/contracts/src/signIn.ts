import { z } from 'zod';
import { shortText, uuid } from './numbers.ts';
import type { Person } from './shopView.ts';

export const LEAST_PASSWORD = 10;
/** Longer ones only keep the server busy. */
export const MOST_PASSWORD = 200;

/** A password that is chosen: long rather than strange. */
export const newPassword = z
  .string()
  .min(LEAST_PASSWORD, `at least ${LEAST_PASSWORD} signs: a few words are best`)
  .max(MOST_PASSWORD)
  .refine((text) => new Set(text).size >= 4, 'at least four different signs');
/** A password or a PIN as it is told, whatever it is. */
const told = z.string().min(1).max(MOST_PASSWORD);

/** A PIN that is chosen; not all alike and not one after the other. */
export const newPin = z
  .string()
  .regex(/^\d{4,8}$/, 'four to eight figures')
  .refine((pin) => !'01234567890'.includes(pin) && !'09876543210'.includes(pin) && new Set(pin).size > 1, 'too easily guessed');

/** A code as it is compared: no dashes, no spaces, one case. */
export const plainCode = (text: string): string => text.toUpperCase().replace(/[^A-Z0-9]/g, '');

/** A code as it is written: groups of letters and figures, in any case, dashes or none. */
export const code = z
  .string()
  .max(60)
  .transform(plainCode)
  .refine((text) => text.length >= 8, 'a code as it was printed');

/** What whoever is not signed in may ask. */
export const signInCommand = z.discriminatedUnion('act', [
  z.strictObject({
    act: z.literal('password'),
    shop: uuid.optional(),
    name: shortText(40),
    password: told,
    /** The device belongs to the shop from now on: a PIN is enough there. */
    keepDevice: z.boolean(),
  }),
  z.strictObject({ act: z.literal('pin'), personId: uuid, pin: told }),
  /** A new password, by a code that was printed or given. */
  z.strictObject({ act: z.literal('code'), shop: uuid.optional(), name: shortText(40), code, password: newPassword }),
  /** This device comes to the shop, by a code that was shown. */
  z.strictObject({ act: z.literal('device'), code, deviceName: shortText(40) }),
]);

/** What whoever is signed in asks about herself. */
export const sessionCommand = z.discriminatedUnion('act', [
  z.strictObject({ act: z.literal('here') }),
  z.strictObject({ act: z.literal('lock') }),
  z.strictObject({ act: z.literal('off') }),
  z.strictObject({ act: z.literal('offEverywhere') }),
  z.strictObject({ act: z.literal('pin'), password: told, pin: newPin.nullable() }),
  z.strictObject({ act: z.literal('changePassword'), password: told, next: newPassword }),
  z.strictObject({ act: z.literal('codes'), password: told }),
]);

export const IDLE_CHOICES = [5, 15, 30, 60, null] as const;
export const IDLE_MINUTES = 15;

/** What an owner does about people and devices. */
export const peopleCommand = z.discriminatedUnion('act', [
  /** A code by which somebody chooses a password. */
  z.strictObject({ act: z.literal('code'), of: uuid }),
  /** Everywhere she is signed in, she is no longer. */
  z.strictObject({ act: z.literal('off'), of: uuid }),
  /** A code by which a device comes to the shop. */
  z.strictObject({ act: z.literal('device') }),
  z.strictObject({ act: z.literal('rename'), deviceId: uuid, name: shortText(40) }),
  z.strictObject({
    act: z.literal('idle'),
    deviceId: uuid,
    minutes: z.union([z.literal(5), z.literal(15), z.literal(30), z.literal(60)]).nullable(),
  }),
  z.strictObject({ act: z.literal('revoke'), deviceId: uuid }),
]);

/** Whoever asks, as her screens know her. */
export interface Me {
  readonly personId: string;
  /** This machine signs in by itself: whoever sits here says who she is. */
  readonly byItself: boolean;
  /** The device she sits at, where it is the shop's. */
  readonly device: { readonly name: string; readonly idleMinutes: number | null } | null;
  readonly hasPin: boolean;
}

/** What somebody sees who is not signed in. */
export interface SignInView {
  /** The device is the shop's: its people are named, and who of them has a PIN. */
  readonly people: readonly (Pick<Person, 'id' | 'name'> & { readonly hasPin: boolean })[] | null;
  /** Several shops are kept here: one is chosen, by its name. */
  readonly shops: readonly { readonly id: string; readonly name: string }[];
  /** Whose session it was that is locked. */
  readonly locked: string | null;
}

export interface DeviceView {
  readonly id: string;
  readonly name: string;
  readonly addedBy: string;
  readonly addedAt: string;
  readonly seenAt: string;
  readonly idleMinutes: number | null;
  /** The one it is looked at on. */
  readonly here: boolean;
}

/** People and devices as an owner sees them. */
export interface PeopleView {
  readonly access: readonly {
    readonly personId: string;
    readonly hasPassword: boolean;
    readonly hasPin: boolean;
    readonly codesLeft: number;
    readonly sessions: number;
  }[];
  readonly devices: readonly DeviceView[];
  /** How other machines reach the shop, and the fingerprint of its own certificate, where it has one; null where none do. */
  readonly network: { readonly address: string; readonly fingerprint: string | null } | null;
}

/** A code that is shown once. */
export interface ShownCode {
  readonly code: string;
  /** The same as an address and a picture of it, where it brings a device. */
  readonly address: string | null;
  readonly picture: string | null;
  readonly until: string;
}
export interface PeopleAnswer {
  readonly view: PeopleView;
  readonly shown: ShownCode | null;
}

export type SignInCommand = z.infer<typeof signInCommand>;
export type SessionCommand = z.infer<typeof sessionCommand>;
export type PeopleCommand = z.infer<typeof peopleCommand>;
