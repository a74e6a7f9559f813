'use client';
import { Button } from 'antd';
import Link from 'next/link';
import { useDeferredValue, useState } from 'react';
import { ARCHETYPES, isPacked, stand } from '@inch-nest/core';
import type { BenchUse } from '../../parcel/BenchContext.tsx';
import { heldIn } from '@inch-nest/contracts';
import { useShop } from '../../session/ShopContext.tsx';
import type { ParcelUse } from '../../parcel/useParcel.ts';
import type { NestUse } from '../../parcel/useNest.ts';
import { ceilingWords } from '../../words/ceilingWords.ts';
import { AsPacked } from './AsPacked.tsx';
import { Balance } from './balance/Balance.tsx';
import { FaultBanner } from './FaultBanner.tsx';
import { GoApart } from './GoApart.tsx';
import { MayLie } from './MayLie.tsx';
import { MayNest } from './MayNest.tsx';
import { MethodBar } from './MethodBar.tsx';
import { MovedFigures } from './MovedFigures.tsx';
import { NestPicture } from './NestPicture.tsx';
import { NestTiles } from './NestTiles.tsx';
import { OneOrMore } from './OneOrMore.tsx';
import { useOneOrMore, type OneOrMoreUse } from './useOneOrMore.ts';
import { ShortHere } from './ShortHere.tsx';
import { StackThem } from './StackThem.tsx';
import { titleOf } from '../../words/titleOf.ts';
import { nestInHandOf, pieceInHand } from '../../parcel/bundleInHand.ts';
import { PieceRow } from '../../parts/PieceRow.tsx';

type Planned = Extract<NonNullable<NestUse['found']>, { kind: 'planned' }>;

/** Wrap, box and fill on one sheet: the nest drawn to scale, its layers, and the plans beside it. */
export function NestStation({ parcel: whole, nest }: BenchUse) {
  const { write } = useShop();
  const [picked, setPicked] = useState(0);
  const at = Math.min(picked, whole.view.others.length);
  const parcel = pieceInHand(whole, at);
  const { view } = parcel;
  const { impossible } = nest;
  const inHand = nestInHandOf(nest, at);
  const { plan } = inHand;
  // the picture and the slip answer first, the tiles and plans a moment after
  const later = useDeferredValue(nest);
  const oneOrMore = useOneOrMore(whole, nest);
  const tiles = nestInHandOf(later, at);
  const archetype = ARCHETYPES[view.piece.archetype.value];
  const figures =
    plan && `${write.size(sizeOf(plan))} · ${plan.piece.guessedWeight ? '≈ ' : ''}${write.weight(plan.piece.weightLb)}${eachWords(plan)}`;
  const points = plan?.piece.hardPoints.map((point) => point.kind).join(', ');
  return (
    <>
      <h1 dir="auto">{titleOf(whole.view)}</h1>
      <p className="soft sub">
        {[figures, archetype.name, points ? `hard points: ${points}` : null, `${nest.request.house.name} house`]
          .filter(Boolean)
          .join(' · ')}
      </p>
      {nest.clash && (
        <div className="conflict" role="alert">
          <p>
            {nest.clash.by} chose another nest while you did: <b>{nest.clash.text}</b>.
          </p>
          <Button onClick={() => nest.settle(false)}>Keep {nest.clash.by}’s</Button>
          <Button type="primary" onClick={() => nest.settle(true)}>
            Keep mine
          </Button>
        </div>
      )}
      {impossible.length > 0 && (
        <div className="banner wrong" role="alert">
          <p>
            <b>This nest cannot be.</b> {impossible.join('; ')}.
          </p>
          {nest.recommended && (
            <Button type="primary" onClick={() => nest.take(nest.recommended!.choice)}>
              Take the recommended
            </Button>
          )}
        </div>
      )}
      {nest.reasons.length > 0 && <NoPlan nest={nest} apart={oneOrMore.apart} whole={whole} />}
      {nest.found?.kind === 'planned' && nest.found.above && (
        <AboveCeiling found={nest.found} above={nest.found.above} apart={oneOrMore.saferApart} parcel={whole} />
      )}
      {oneOrMore.cheaperApart && nest.found?.kind === 'planned' && (
        <div className="banner mind" role="status">
          <GoApart parcel={whole} way={oneOrMore.cheaperApart} nowMinor={nest.found.recommended.costMinor} />
        </div>
      )}
      {!isPacked(whole.view.life) && (
        <>
          <StackThem parcel={whole} nest={nest} />
          <MayLie parcel={whole} nest={nest} />
          <MayNest parcel={whole} nest={nest} />
        </>
      )}
      {nest.plan && <FaultBanner plan={nest.plan} parcel={whole} nest={nest} apart={oneOrMore.apart} />}
      {nest.plan && !isPacked(whole.view.life) && <ShortHere plan={nest.plan} nest={nest} />}
      <MovedFigures parcel={whole} nest={nest} />
      {nest.plan && plan && <NestPicture plan={nest.plan} inHand={plan} nest={nest} />}
      <PieceRow view={whole.view} at={at} onPick={setPicked} />
      {!plan && nest.reasons.length === 0 && <p className="soft">Looking through the stockroom …</p>}
      <AsPacked life={whole.view.life}>
        {tiles.plan && tiles.choice && <NestTiles plan={tiles.plan} parcel={parcel} nest={tiles} choice={tiles.choice} whole={later} />}
        <MethodBar nest={later} />
      </AsPacked>
      <OneOrMore parcel={whole} use={oneOrMore} />
      {later.found?.kind === 'planned' && <Balance nest={later} parcel={whole} found={later.found} />}
    </>
  );
}

/** Nothing stays below the ceiling: the safest is recommended, and what would do better is named. */
function AboveCeiling({
  found,
  above,
  apart,
  parcel,
}: {
  found: Planned;
  above: NonNullable<Planned['above']>;
  apart: OneOrMoreUse['saferApart'];
  parcel: ParcelUse;
}) {
  const { write } = useShop();
  const { chance, costMinor } = found.recommended;
  const { title, says } = ceilingWords(chance, found.ceiling, above.toGet, write);
  return (
    <div className="banner mind" role="status">
      <p>
        <b>{title}</b> {says}
      </p>
      {apart && <GoApart parcel={parcel} way={apart} nowMinor={costMinor} />}
    </div>
  );
}

function NoPlan({
  nest: { reasons, wouldHelp, wantedIn },
  apart,
  whole,
}: {
  nest: NestUse;
  apart: OneOrMoreUse['apart'];
  whole: ParcelUse;
}) {
  const { shop } = useShop();
  const { view } = whole;
  const held = heldIn(view);
  const mayNest = held.some(({ piece }) => piece.count.value > 1 && piece.stackOf.value === 1 && piece.nestStepIn.value === null);
  const mayHold = held.length > 1 && held.every(({ piece }) => piece.within.value === null);
  const [first, ...rest] = reasons;
  return (
    <div className="banner wrong" role="alert">
      <div>
        <p>
          <b>No nest: {first}.</b>
        </p>
        <ul>
          {rest.map((reason) => (
            <li key={reason}>{reason}</li>
          ))}
        </ul>
        {wouldHelp.length > 0 && <p>What would make it possible: {wouldHelp.join('; ')}.</p>}
        {(mayNest || mayHold) && (
          <p>
            {mayNest ? 'Do they go into one another, as bowls do?' : 'Does one go into another, as a small bowl into a large one?'}{' '}
            <Link href={`/parcels/${view.id}/look-over`}>Say so</Link>, and they need less room.
          </p>
        )}
        {wantedIn && shop.stock.linerBoard && (
          <p>
            <Link href={foldingOf(wantedIn, shop.stock.linerBoard.board.caliperIn)}>Fold one from sheet board.</Link>
          </p>
        )}
        {apart && <GoApart parcel={whole} way={apart} />}
      </div>
    </div>
  );
}

/** Of several the figures are of one, or of the fullest stack. */
const eachWords = ({ block }: NonNullable<NestUse['plan']>): string =>
  block.stacks.length === 1 ? '' : block.pieces === block.stacks.length ? ' each' : ' a stack';

/** The piece as it stands, not as it lies in the box. */
const sizeOf = ({ choice, piece }: NonNullable<NestUse['plan']>) => stand(piece.sizeIn, choice.orientation);

/** The box shop with a box of that inside, to the quarter above. */
const foldingOf = (insideIn: readonly number[], caliper: number): string => {
  const order = { kind: 'wrapAround', inside: insideIn.map((side) => Math.ceil(side * 4 - 1e-6) / 4), caliper };
  return `/boxshop?order=${encodeURIComponent(JSON.stringify(order))}`;
};
