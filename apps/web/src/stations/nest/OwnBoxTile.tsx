import {
  fillRound,
  mayHoldOne,
  OWN_BOX,
  ownBoxOf,
  planBundles,
  piecesOf,
  takeOwnBox,
  takesOne,
  type BoxStock,
  type PlanChoice,
  type PlanDocument,
} from '@inch-nest/core';
import type { NestUse } from '../../parcel/useNest.ts';
import { useShop } from '../../session/ShopContext.tsx';
import { Tile, TileSelect } from './Tile.tsx';

const NONE = 'none';

/** A box that one of several bundles has for itself beside the others: one it goes into, or the one it came in. */
export function OwnBoxTile({
  plan,
  nest,
  choice,
  whole,
}: {
  plan: PlanDocument;
  nest: NestUse;
  choice: PlanChoice;
  /** The nest of all bundles, of which one is in hand. */
  whole: NestUse;
}) {
  const { write } = useShop();
  const { stock, house } = nest.request;
  const { boxed } = plan;
  const withinIn = boxed?.withinIn ?? plan.bundleIn;
  const facts = piecesOf(nest.request).find(({ id }) => id === plan.piece.id);
  const came = facts ? ownBoxOf(facts) : null;
  const now = choice.boxed?.box;
  const boxes: readonly BoxStock[] = [
    ...(came ? [came] : []),
    ...stock.boxes.filter(
      (box) => box.key === now || (mayHoldOne(box) && box.onHand > 0 && box.key !== choice.box && takesOne(box, withinIn, house.snugGapIn)),
    ),
  ];
  const put = (key: string) => {
    const box = boxes.find((one) => one.key === key);
    const fill = box && fillRound(box, withinIn, plan.coverIn, stock.fills, choice.boxed?.fill ?? choice.fill);
    const at = planBundles(whole.plan!).findIndex(({ piece }) => piece.id === plan.piece.id);
    whole.change((all) => takeOwnBox(whole.request, all, at, box && fill ? { box: key, fill: fill.key } : null));
  };
  return (
    <Tile name="A box of its own" nest={nest} pin={({ boxed: pinned }) => ({ boxed: pinned ?? null })}>
      <TileSelect
        label="A box of its own"
        value={now ?? NONE}
        options={[
          { value: NONE, label: 'none: it goes in as it is wrapped' },
          ...boxes.map(({ key, name, onHand }) => ({
            value: key,
            label: key === OWN_BOX ? 'the one it came in' : `${name} · ${onHand} left`,
          })),
        ]}
        onChange={put}
      />
      {boxed && choice.boxed && (
        <>
          <TileSelect
            label="Fill of its own box"
            value={choice.boxed.fill}
            options={stock.fills.map((fill) => ({ value: fill.key, label: `${fill.name} inside` }))}
            onChange={(fill) => nest.change((held) => ({ boxed: held.boxed ? { ...held.boxed, fill } : null }))}
          />
          <span className="detail">
            {write.size(withinIn)} goes into {write.size(boxed.insideIn)}; it stands among the others as {write.size(plan.bundleIn)}
          </span>
        </>
      )}
    </Tile>
  );
}
