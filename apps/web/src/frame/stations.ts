import { planBundles, type PlanDocument } from '@inch-nest/core';
import type { Writers } from '../words/writers.ts';
import type { ParcelView } from '@inch-nest/contracts';
import { isLookedOver } from '../parcel/isLookedOver.ts';

/** A station of the parcel's way; three of them share the one nest sheet. */
export interface Station {
  readonly key: string;
  readonly name: string;
  readonly path: StationPath;
  readonly anchor?: string;
  /** The one number it carries. */
  readonly figure: (view: ParcelView, plan: PlanDocument | null, write: Writers) => string;
  readonly isDone: (view: ParcelView) => boolean;
}

/** Each is a page of its own beneath the parcel's layout, so that a station's code comes with the station. */
export type StationPath = 'sale' | 'look-over' | 'nest' | 'bench' | 'weigh' | 'rate' | 'send';

const turns = (plan: PlanDocument): string => {
  const all = planBundles(plan)
    .flatMap(({ layers }) => layers)
    .reduce((sum, layer) => sum + layer.turns, 0);
  return `${all} ${all === 1 ? 'turn' : 'turns'}`;
};

export const STATIONS: readonly Station[] = [
  {
    key: '1',
    name: 'Sale',
    path: 'sale',
    figure: ({ sale }, _, write) => (sale.job.value === 'sale' ? write.money(sale.soldMinor.value) : sale.job.value),
    isDone: ({ sale, piece }) => sale.soldMinor.value > 0 || (sale.job.value !== 'sale' && piece.replacementMinor.value !== null),
  },
  {
    key: '2',
    name: 'Look over',
    path: 'look-over',
    figure: (_, plan, write) =>
      plan
        ? planBundles(plan)
            .map(
              ({ block, piece }) =>
                `${block.stacks.length > 1 ? `${block.stacks.length} × ` : ''}${piece.guessedWeight ? '≈ ' : ''}${write.weight(piece.weightLb)}`,
            )
            .join(' + ')
        : '',
    isDone: isLookedOver,
  },
  {
    key: '3',
    name: 'Wrap',
    path: 'nest',
    anchor: 'wrap',
    figure: (_, plan) => (plan ? turns(plan) : ''),
    isDone: ({ nest }) => nest.choice !== null,
  },
  {
    key: '4',
    name: 'Box',
    path: 'nest',
    anchor: 'box',
    figure: (_, plan) => plan?.box.name.split(',')[0] ?? '',
    isDone: ({ nest }) => nest.choice !== null,
  },
  {
    key: '5',
    name: 'Fill',
    path: 'nest',
    anchor: 'fill',
    figure: (_, plan, write) => (plan ? write.volume(plan.fills.reduce((sum, fill) => sum + fill.boughtFt3, 0)) : ''),
    isDone: ({ nest }) => nest.choice !== null,
  },
  {
    key: '6',
    name: 'Bench',
    path: 'bench',
    figure: ({ life }) => (life.sealed ? 'sealed' : life.steps.length > 0 ? `${life.steps.length} done` : ''),
    isDone: ({ life }) => life.sealed,
  },
  {
    key: '7',
    name: 'Weigh',
    path: 'weigh',
    figure: ({ life }, plan, write) =>
      life.weighing ? write.weight(life.weighing.weightLb) : plan ? `≈ ${write.weight(plan.weight.grossLb)}` : '',
    isDone: ({ life }) => life.weighing !== null && !life.weighingStale,
  },
  {
    key: '8',
    name: 'Rate',
    path: 'rate',
    figure: ({ life }, plan, write) => (life.rate ? write.money(life.rate.priceMinor) : plan ? write.money(plan.quote.totalMinor) : ''),
    isDone: ({ life }) => life.rate !== null && !life.rateStale,
  },
  {
    key: '9',
    name: 'Send',
    path: 'send',
    figure: ({ life, labels }) => (life.label ? (labels.find((label) => label.state === 'bought')?.tracking ?? '') : ''),
    isDone: ({ life }) => ['handedOver', 'delivered', 'damaged', 'lost', 'returned', 'closed'].includes(life.state),
  },
];
