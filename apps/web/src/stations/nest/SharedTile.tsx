import { Checkbox } from 'antd';
import { boxesShared, isCore, planBundles, takeShared, type BoxStock, type PlanBundle, type PlanDocument } from '@inch-nest/core';
import { useMemo, useState } from 'react';
import type { NestUse } from '../../parcel/useNest.ts';
import { useShop } from '../../session/ShopContext.tsx';
import { lettersOf } from '../../words/wrapWords.ts';
import { Tile, TileSelect } from './Tile.tsx';

const NONE = 'none';

/** A box, or a core, that some of several bundles share beside the others: who is in it, which, and what fills it. */
export function SharedTile({ plan, nest }: { plan: PlanDocument; nest: NestUse }) {
  const { write } = useShop();
  const { stock } = nest.request;
  const { shared, choice } = plan;
  const bundles = planBundles(plan);
  const letters = lettersOf(bundles);
  const [wanted, setWanted] = useState<readonly number[]>(() => lightest(bundles));
  const of = shared?.of ?? wanted;
  const now = shared?.key;
  const put = (some: readonly number[], box: BoxStock | undefined) =>
    nest.change((all) => takeShared(nest.request, all, box ? { of: some, box: box.key } : null));
  const boxes = useMemo(() => {
    const taken = boxesShared(nest.request, choice, of);
    const inHand = nest.request.stock.boxes.find(({ key }) => key === now);
    // what is chosen is there to be seen even where it does not go in
    return inHand && !taken.includes(inHand) ? [inHand, ...taken] : taken;
  }, [nest.request, choice, of, now]);
  const choose = (some: readonly number[]) => {
    const next = [...some].sort((a, b) => a - b);
    // nobody, or all of them, share no box: nothing is chosen by that
    if (next.length === 0 || next.length === bundles.length) return;
    if (!shared) return setWanted(next);
    const may = boxesShared(nest.request, choice, next);
    const other = may.find(({ key }) => key === now) ?? may.find((box) => isCore(box) === (shared.core !== undefined));
    // one alone shares no box; what takes none of them all is put round them and found fault with
    if (other || isSome(next, bundles)) put(next, other ?? boxes.find(({ key }) => key === now));
  };
  return (
    <Tile name="Box or core for some" nest={nest} pin={({ shared: pinned }) => ({ shared: pinned ?? null })}>
      <Checkbox.Group<number>
        className="round-which"
        aria-label="Which share a box"
        value={[...of]}
        options={letters.map((label, value) => ({ label, value }))}
        onChange={choose}
      />
      <TileSelect
        label="Box or core for some"
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
