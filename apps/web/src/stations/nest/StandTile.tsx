import {
  membersOf,
  movedAs,
  planBundles,
  sameContent,
  standingIn,
  standsOfPlan,
  swapped,
  type PlanDocument,
  type Stand,
} from '@inch-nest/core';
import { Button, Select } from 'antd';
import type { NestUse } from '../../parcel/useNest.ts';
import { useShop } from '../../session/ShopContext.tsx';
import { listed } from '../../words/titleOf.ts';
import { lettersOf } from '../../words/wrapWords.ts';
import { Tile, TileSelect } from './Tile.tsx';

/** Ways on offer at most. */
const MOST = 8;

/** How different bundles stand: the closest ways to choose from, and any two in each other’s place. */
export function StandTile({ plan, nest }: { plan: PlanDocument; nest: NestUse }) {
  const { write } = useShop();
  const bundles = planBundles(plan);
  const letters = lettersOf(bundles);
  const now = plan.choice.stand ?? 0;
  const standing = membersOf(now).filter((at) => movedAs(plan, at) === at);
  // what stands in another is told with it
  const named = (at: number): string | null =>
    standing.includes(at) ? [letters[at], ...inside(standingIn(plan, at).map((one) => letters[one]!))].join(' ') : null;
  const ways = standsOfPlan(plan, MOST);
  const all = ways.some((one) => sameContent(one, now)) ? ways : [now, ...ways];
  const take = (stand: Stand) => nest.change(() => ({ stand, baseGapIn: null }));
  return (
    <Tile name="How all stand" nest={nest} pin={({ stand }) => (stand === undefined ? {} : { stand })}>
      <TileSelect
        label="How the bundles stand"
        value={JSON.stringify(now)}
        options={all.map((stand) => ({ value: JSON.stringify(stand), label: standWords(stand, named) }))}
        onChange={(text) => take(all.find((stand) => JSON.stringify(stand) === text)!)}
      />
      {/* the field has no room for more than two */}
      {bundles.length > 2 && <span className="detail">{standWords(now, named)}</span>}
      <span className="detail">together {write.size(plan.block.sizeIn)}</span>
      {standing.length > 1 && <Swap letters={letters} members={standing} onSwap={(one, other) => take(swapped(now, one, other))} />}
    </Tile>
  );
}

/** Two bundles change places. */
function Swap({
  letters,
  members,
  onSwap,
}: {
  letters: readonly string[];
  members: readonly number[];
  onSwap: (one: number, other: number) => void;
}) {
  const [first, second] = [members[0]!, members[1]!];
  if (members.length === 2)
    return (
      <Button onClick={() => onSwap(first, second)}>
        Swap {letters[first]} and {letters[second]}
      </Button>
    );
  const pairs = members.flatMap((one, i) => members.slice(i + 1).map((other) => ({ one, other })));
  return (
    <Select
      aria-label="Two change places"
      value={null}
      placeholder="two change places …"
      popupMatchSelectWidth={false}
      options={pairs.map(({ one, other }, i) => ({ value: i, label: `${letters[one]} and ${letters[other]}` }))}
      onChange={(i: number | null) => i !== null && onSwap(pairs[i]!.one, pairs[i]!.other)}
    />
  );
}

const JOINED = [' beside ', ' before ', ' under '] as const;

const inside = (letters: readonly string[]): string[] => (letters.length === 0 ? [] : [`with ${listed(letters)} in it`]);

/**
 * `A under (B beside C)`: along the box, across it, and upon one another; `A with B in it`.
 *
 * @param named null for what is told with another
 */
function standWords(stand: Stand, named: (at: number) => string | null): string {
  if (typeof stand === 'number') return named(stand) ?? '';
  const parts = stand.parts.map((part) => ({ part, words: standWords(part, named) })).filter(({ words }) => words !== '');
  const isSeveral = (part: Stand) => membersOf(part).filter((at) => named(at) !== null).length > 1;
  return parts.map(({ part, words }) => (parts.length > 1 && isSeveral(part) ? `(${words})` : words)).join(JOINED[stand.along]);
}
