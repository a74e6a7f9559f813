import type { BoxStock, FillStock, Stockroom, WrapStock } from '@inch-nest/core';
import type { BoxRow, MaterialRow } from '../rows.ts';

/** A box as its row holds it. */
export const boxRow = ({ key, name, onHand, ...properties }: BoxStock): Pick<BoxRow, 'key' | 'name' | 'onHand' | 'properties'> => ({
  key,
  name,
  onHand,
  properties,
});

type Material = Pick<MaterialRow, 'kind' | 'key' | 'name' | 'onHand' | 'properties'>;

/** A wrap as its row holds it. */
export const wrapRow = ({ key, name, onHandFt2, ...properties }: WrapStock): Material => ({
  kind: 'wrap',
  key,
  name,
  onHand: onHandFt2,
  properties,
});

/** A fill as its row holds it. */
export const fillRow = ({ key, name, onHandFt3, ...properties }: FillStock): Material => ({
  kind: 'fill',
  key,
  name,
  onHand: onHandFt3,
  properties,
});

/** Wraps and fills as their rows hold them. */
export const materialRows = ({ wraps, fills }: Pick<Stockroom, 'wraps' | 'fills'>): Material[] => [
  ...wraps.map(wrapRow),
  ...fills.map(fillRow),
];
