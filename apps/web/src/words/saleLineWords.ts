import { countedTitle, type SaleLine, type SaleLineField } from '@inch-nest/core';
import type { Writers } from './writers.ts';

/** What a field of a sale's line was taken to mean: of several alike, what is of each. */
export function meaningOf(line: SaleLine, field: SaleLineField, write: Writers): string {
  const each = line.count === undefined ? '' : ' each';
  if (field === 'title') return countedTitle({ title: line.title!, count: line.count ?? 1 });
  if (field === 'sizeIn') return `${write.size(line.sizeIn!)}${each}`;
  if (field === 'weightLb') return `${write.weight(line.weightLb!)}${each}`;
  if (field === 'soldMinor' || field === 'paidMinor' || field === 'shippingCollectedMinor') return write.money(line[field]!);
  return field === 'shipBy' ? write.day(line.shipBy!) : String(line[field]);
}
