'use client';
import { Button } from 'antd';
import { useState } from 'react';
import { formatChance, letterOf } from '@inch-nest/core';
import { heldIn, moneyOf, type MoveBundles, type ParcelView } from '@inch-nest/contracts';
import type { NestUse } from '../../parcel/useNest.ts';
import type { ParcelUse } from '../../parcel/useParcel.ts';
import { Trouble } from '../../parts/Trouble.tsx';
import { send } from '../../session/http.ts';
import { useShop } from '../../session/ShopContext.tsx';
import { listed, titleOfPiece } from '../../words/titleOf.ts';
import type { BoxedWay } from '../../workers/planner.protocol.ts';
import type { OneOrTwoUse } from './useOneOrTwo.ts';

/** So many ways to split are shown. */
const SHOWN = 4;

/** One box against two for several pieces: what each comes to in all, and one step to send them in two. */
export function OneOrTwo({ parcel, nest, use: { answer, waits, compare } }: { parcel: ParcelUse; nest: NestUse; use: OneOrTwoUse }) {
  const { person, write } = useShop();
  const { view, put } = parcel;
  const [problem, setProblem] = useState<string | null>(null);
  const held = heldIn(view);
  const split = async ({ parts }: BoxedWay) => {
    setProblem(null);
    const command: MoveBundles = {
      personId: person.id,
      act: 'move',
      bundleIds: parts[1]!.pieces.map((at) => held[at]!.bundleId),
      to: 'own',
    };
    try {
      put(await send<ParcelView>('POST', `/api/parcels/${view.id}/pieces`, command));
    } catch (error) {
      setProblem(error instanceof Error ? error.message : 'that did not work');
    }
  };
  const frozen = view.life.sealed;
  const uncarried = nest.plan?.faults.some(({ kind }) => kind === 'byHand' || kind === 'noService') ?? false;
  if (held.length < 2) return null;
  const collected = moneyOf(view).shippingCollectedMinor;
  return (
    <section id="one-or-two" className="one-or-two" aria-label="One box or two">
      <div className="section-head">
        <h2>One box or two</h2>
        <Button loading={waits} onClick={() => void compare()}>
          {answer?.kind === 'boxes' ? 'Compare again' : 'Compare'}
        </Button>
      </div>
      {answer === null && !waits && <p className="soft">Each box at its best: postage, material, minutes and what may break, in all.</p>}
      {answer?.kind === 'failed' && <Trouble says={answer.message} />}
      {answer?.kind === 'superseded' && <p className="soft">The nest changed meanwhile: compare again.</p>}
      {answer?.kind === 'boxes' && (
        <>
          <ul className="boxed-ways">
            {answer.together ? (
              <Way way={answer.together} best={answer.together} held={held} act={null} />
            ) : (
              <li className="boxed-way">
                {uncarried ? 'No service takes them all in one box.' : 'Nothing in the stockroom holds them all in one box.'}
              </li>
            )}
            {answer.splits.slice(0, SHOWN).map((way) => (
              <Way
                key={JSON.stringify(way.parts.map(({ pieces }) => pieces))}
                way={way}
                best={answer.together}
                held={held}
                act={
                  frozen ? null : (
                    <Button
                      onClick={() => void split(way)}
                      aria-label={`Send in two boxes: ${lettersOf(way.parts[0]!.pieces, held)} and ${lettersOf(way.parts[1]!.pieces, held)}`}
                    >
                      Send them so
                    </Button>
                  )
                }
              />
            ))}
          </ul>
          <p className="soft">
            {answer.every
              ? 'Every way to split them was looked at.'
              : 'Looked at: each alone, the heavy from the light, the dear from the rest.'}{' '}
            {collected > 0 && `The buyer paid ${write.money(collected)} for shipping, in one box or two.`}
          </p>
        </>
      )}
      <Trouble says={problem} />
    </section>
  );
}

/** Letters of pieces by their place. */
function lettersOf(pieces: readonly number[], held: readonly ParcelView['others'][number][]): string {
  const firsts = held.reduce<number[]>((all, { piece }) => [...all, all.at(-1)! + Math.ceil(piece.count.value / piece.stackOf.value)], [0]);
  return pieces.map((at) => letterOf(firsts[at]!)).join(', ');
}

function Way({
  way,
  best,
  held,
  act,
}: {
  way: BoxedWay;
  best: BoxedWay | null;
  held: readonly ParcelView['others'][number][];
  act: React.ReactNode;
}) {
  const { write } = useShop();
  const dearer = best && best !== way ? way.expectedMinor - best.expectedMinor : null;
  return (
    <li className="boxed-way">
      <div>
        {way.parts.map((part) => (
          <p key={part.pieces.join()}>
            <b>{listed(part.pieces.map((at) => titleOfPiece(held[at]!)))}</b>{' '}
            <span className="soft">
              {part.box}, {part.service}, {write.weight(part.grossLb)}
            </span>
          </p>
        ))}
      </div>
      <dl>
        <div>
          <dt>Cost</dt>
          <dd className="numeral">{write.money(way.costMinor)}</dd>
        </div>
        <div>
          <dt>Anything breaks</dt>
          <dd className="numeral risk">{formatChance(way.chance)}</dd>
        </div>
        <div>
          <dt>Expected in all</dt>
          <dd className="numeral">
            {write.money(way.expectedMinor)}
            {dearer !== null && ` (${dearer > 0 ? '+' : '−'}${write.money(Math.abs(dearer))})`}
          </dd>
        </div>
        <div>
          <dt>Hands</dt>
          <dd className="numeral">{Math.round(way.minutes)} min</dd>
        </div>
      </dl>
      {act}
    </li>
  );
}
