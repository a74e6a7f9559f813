import { blockSizeIn, membersOf, planBundles, sameContent, standsFor, swapped, type PlanDocument, type Stand } from '@inch-nest/core';
import { Button, Select } from 'antd';
import type { NestUse } from '../../parcel/useNest.ts';
import { useShop } from '../../session/ShopContext.tsx';
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
  const standers = bundles.map(({ piece, block, bundleIn }) => ({
    weightLb: piece.weightLb * block.at.length,
    turns: [blockSizeIn({ count: block.at.length, grid: block.grid }, bundleIn, 0, block.pitchIn)],
  }));
  const ways = standsFor(standers, MOST).map(({ stand }) => stand);
  const all = ways.some((one) => sameContent(one, now)) ? ways : [now, ...ways];
  const take = (stand: Stand) => nest.change(() => ({ stand, baseGapIn: null }));
  return (
    <Tile name="How all stand" nest={nest} pin={({ stand }) => (stand === undefined ? {} : { stand })}>
      <TileSelect
        label="How the bundles stand"
        value={JSON.stringify(now)}
        options={all.map((stand) => ({ value: JSON.stringify(stand), label: standWords(stand, letters) }))}
        onChange={(text) => take(all.find((stand) => JSON.stringify(stand) === text)!)}
      />
      {/* the field has no room for more than two */}
      {bundles.length > 2 && <span className="detail">{standWords(now, letters)}</span>}
      <span className="detail">together {write.size(plan.block.sizeIn)}</span>
      <Swap letters={letters} members={membersOf(now)} onSwap={(one, other) => take(swapped(now, one, other))} />
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

/** `A under (B beside C)`: along the box, across it, and upon one another. */
function standWords(stand: Stand, letters: readonly string[]): string {
  if (typeof stand === 'number') return letters[stand]!;
  return stand.parts
    .map((part) => (typeof part === 'number' ? letters[part]! : `(${standWords(part, letters)})`))
    .join(JOINED[stand.along]);
}
