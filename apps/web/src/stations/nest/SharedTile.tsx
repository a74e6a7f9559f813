import { Checkbox } from 'antd';
import {
  fillRound,
  isCore,
  mayHoldSome,
  planBundles,
  sizeTogether,
  takeShared,
  takesOne,
  type BoxStock,
  type PlanBundle,
  type PlanDocument,
  type Triple,
} from '@inch-nest/core';
import { useState } from 'react';
import type { NestUse } from '../../parcel/useNest.ts';
import { useShop } from '../../session/ShopContext.tsx';
import { lettersOf } from '../../words/wrapWords.ts';
import { Tile, TileSelect } from './Tile.tsx';

const NONE = 'none';

/** A box, or a core, that some of several bundles share beside the others: who is in it, which, and what fills it. */
export function SharedTile({ plan, nest }: { plan: PlanDocument; nest: NestUse }) {
  const { write } = useShop();
  const { stock, house } = nest.request;
  const { shared, choice } = plan;
  const bundles = planBundles(plan);
  const letters = lettersOf(bundles);
  const [wanted, setWanted] = useState<readonly number[]>(() => lightest(bundles));
  const of = shared?.of ?? wanted;
  const now = shared?.key;
  const sizes = bundles.map(sizeOf);
  const takenBy = (some: readonly number[]): BoxStock[] => {
    const withinIn = sizeTogether(choice.stand ?? 0, some, sizes);
    // what a core takes is as long as the box it is cut to: the nest says whether it goes in
    const takes = (box: BoxStock) => isCore(box) || takesOne(box, withinIn, house.snugGapIn);
    return stock.boxes
      .filter((box) => mayHoldSome(box) && (box.key === now || box.onHand > 0) && box.key !== choice.box && takes(box))
      .sort((a, b) => Number(isCore(a)) - Number(isCore(b)) || roomOf(a) - roomOf(b));
  };
  const put = (some: readonly number[], box: BoxStock | undefined) => {
    const coverIn = Math.min(...some.map((at) => bundles[at]!.coverIn));
    const fill = box && fillRound(box, sizeTogether(choice.stand ?? 0, some, sizes), coverIn, stock.fills, shared?.fill ?? choice.fill);
    nest.change((all) => takeShared(nest.request, all, box && fill ? { of: some, box: box.key, fill: fill.key } : null));
  };
  const taken = takenBy(of);
  const inHand = stock.boxes.find(({ key }) => key === now);
  // what is chosen is there to be seen even where it does not go in
  const boxes = inHand && !taken.includes(inHand) ? [inHand, ...taken] : taken;
  const choose = (some: readonly number[]) => {
    const next = [...some].sort((a, b) => a - b);
    // fewer than two, or all of them, share no box: nothing is chosen by that
    if (!isSome(next, bundles)) return;
    setWanted(next);
    const may = takenBy(next);
    if (shared) put(next, may.find(({ key }) => key === now) ?? may[0] ?? inHand);
  };
  return (
    <Tile name="One box for some" nest={nest} pin={({ shared: pinned }) => ({ shared: pinned ?? null })}>
      <Checkbox.Group<number>
        className="round-which"
        aria-label="Which share a box"
        value={[...of]}
        options={letters.map((label, value) => ({ label, value }))}
        onChange={choose}
      />
      <TileSelect
        label="One box for some"
        value={now ?? NONE}
        options={[
          { value: NONE, label: 'none: each goes in by itself' },
          ...boxes.map((box) => ({ value: box.key, label: `${box.name}${isCore(box) ? ', as a core' : ''} · ${box.onHand} left` })),
        ]}
        onChange={(key) =>
          put(
            of,
            boxes.find((box) => box.key === key),
          )
        }
      />
      {shared && (
        <>
          <TileSelect
            label="Fill of the box they share"
            value={shared.fill}
            options={stock.fills.map((fill) => ({ value: fill.key, label: `${fill.name} inside` }))}
            onChange={(fill) => nest.change((held) => ({ shared: held.shared ? { ...held.shared, fill } : null, baseGapIn: null }))}
          />
          <span className="detail">
            {write.size(shared.withinIn)} goes into {write.size(shared.insideIn)}; it stands among the others as{' '}
            {write.size(shared.outsideIn)}
          </span>
        </>
      )}
    </Tile>
  );
}

/** Room that those of one kind take as they stand. */
function sizeOf({ block, bundleIn }: PlanBundle): Triple {
  const side = (axis: 0 | 1 | 2) =>
    Math.max(...block.at.map((at) => at[axis])) - Math.min(...block.at.map((at) => at[axis])) + bundleIn[axis];
  return [side(0), side(1), side(2)];
}

const roomOf = ({ insideIn: [l, w, d] }: BoxStock): number => l * w * d;

/** More than one bundle, and not all of them. */
const isSome = (of: readonly number[], bundles: readonly PlanBundle[]): boolean =>
  of.length < bundles.length && of.reduce((sum, at) => sum + bundles[at]!.block.at.length, 0) > 1;

/** All but the heaviest, where those are several: what is light is put away from it. Common practice, no source. */
function lightest(bundles: readonly PlanBundle[]): number[] {
  const weights = bundles.map(({ piece, block }) => piece.weightLb * block.at.length);
  const heaviest = weights.indexOf(Math.max(...weights));
  const light = bundles.flatMap((_, at) => (at === heaviest ? [] : [at]));
  return isSome(light, bundles) ? light : [heaviest];
}
