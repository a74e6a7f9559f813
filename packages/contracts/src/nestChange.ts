import { sameContent, type Locks, type PlanChoice } from '@inch-nest/core';
import type { z } from 'zod';
import { OPTIONAL_PARTS } from './optionalParts.ts';
import type { nestChange } from './plan.ts';

/** What somebody chose: the nest and what they pinned of it. */
export interface NestValue {
  readonly choice: PlanChoice | null;
  readonly locks: Locks;
}

export type NestChange = z.infer<typeof nestChange>;
type Parts = Readonly<Record<string, unknown>>;

/** A nest after a change; null where nothing was chosen yet and the change does not say all of it. */
export function applyNestChange(
  { choice, locks }: NestValue,
  { set, drop, pin, unpin }: NestChange,
): { choice: Parts | null; locks: Locks } {
  const before: Parts | null = choice as Parts | null;
  const after = before === null && Object.keys(set).length === 0 ? null : { ...before, ...set };
  const without = (parts: Parts, gone: readonly string[]) =>
    Object.fromEntries(Object.entries(parts).filter(([key]) => !gone.includes(key)));
  const pinned: Parts = { ...without(locks, unpin), ...pin };
  return { choice: after && without(after, drop), locks: pinned };
}

/** The parts a change touches: those of the choice by name, what is pinned as `pin:name`. */
export const nestParts = ({ set, drop, pin, unpin }: NestChange): string[] => [
  ...Object.keys(set),
  ...drop,
  ...[...Object.keys(pin), ...unpin].map((key) => `pin:${key}`),
];

/** What has to be changed to come from one nest to another, and nothing else. */
export function nestChangeBetween(before: NestValue, after: NestValue): NestChange {
  const changed = (one: Parts, other: Parts) =>
    Object.fromEntries(
      Object.entries(other).filter(([key, value]) => value !== undefined && !(key in one && sameContent(one[key], value))),
    );
  const gone = (one: Parts, other: Parts) => Object.keys(one).filter((key) => one[key] !== undefined && other[key] === undefined);
  const [was, is] = [(before.choice ?? {}) as Parts, (after.choice ?? {}) as Parts];
  return {
    set: changed(was, is),
    drop: OPTIONAL_PARTS.filter((key) => gone(was, is).includes(key)),
    pin: changed(before.locks, after.locks),
    unpin: gone(before.locks, after.locks) as NestChange['unpin'],
  };
}
