'use client';
import { createContext, useContext } from 'react';
import type { NestUse } from './useNest.ts';
import type { ParcelUse } from './useParcel.ts';

/** What every station works on: the parcel as kept and the nest in hand. */
export interface BenchUse {
  parcel: ParcelUse;
  nest: NestUse;
}

const Context = createContext<BenchUse | null>(null);
export const BenchProvider = Context.Provider;

/** @throws Error outside of a parcel's bench */
export function useBench(): BenchUse {
  const use = useContext(Context);
  if (!use) throw new Error('useBench outside of Bench');
  return use;
}
