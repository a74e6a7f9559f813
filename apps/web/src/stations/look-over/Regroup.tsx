'use client';
import { Button, Dropdown, Input } from 'antd';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { heldIn, type AddPiece, type DividePiece, type MoveBundles, type ParcelView, type SplitParcel } from '@inch-nest/contracts';
import { send } from '../../session/http.ts';
import { useShop } from '../../session/ShopContext.tsx';
import type { ParcelUse } from '../../parcel/useParcel.ts';
import { useShelf } from '../../parcel/useShelf.ts';
import { Trouble } from '../../parts/Trouble.tsx';
import { LIKE_THIS } from '../../words/likeThis.ts';
import { titleOfPiece } from '../../words/titleOf.ts';

type WithoutPerson<Command extends { personId: string }> = Omit<Command, 'personId'>;

const UNSEALED = ['draft', 'planned', 'packing'];

/** A piece that is being put in: its line so far, and the piece it comes off. */
export interface Adding {
  readonly line: string;
  readonly partOf?: string;
}

/** One more piece for the parcel, and where the one in hand may go instead: aside, alone, or to another parcel of the same buyer. */
export function Regroup({
  parcel,
  at,
  adding,
  onAdding,
  onAdded,
}: {
  parcel: ParcelUse;
  at: number;
  adding: Adding | null;
  onAdding: (adding: Adding | null) => void;
  onAdded: () => void;
}) {
  const { person } = useShop();
  const router = useRouter();
  const { view, put } = parcel;
  const [problem, setProblem] = useState<string | null>(null);
  const shelf = useShelf();
  if (view.life.sealed || !UNSEALED.includes(view.life.state)) return null;
  const held = heldIn(view);
  const inHand = held[at]!;
  const buyer = view.sale.buyer.value;
  const kin = (shelf ?? []).filter(
    (one) =>
      one.id !== view.id &&
      buyer !== null &&
      one.tag === buyer &&
      one.postcode === view.sale.destinationPostcode.value &&
      UNSEALED.includes(one.state),
  );
  const ask = async (
    command: WithoutPerson<AddPiece> | WithoutPerson<DividePiece> | WithoutPerson<MoveBundles> | WithoutPerson<SplitParcel>,
  ): Promise<ParcelView | null> => {
    setProblem(null);
    try {
      return await send<ParcelView>('POST', `/api/parcels/${view.id}/pieces`, { personId: person.id, ...command });
    } catch (error) {
      setProblem(error instanceof Error ? error.message : 'that did not work');
      return null;
    }
  };
  const add = async () => {
    if (!adding?.line.trim()) return;
    const next = await ask({ act: 'add', id: crypto.randomUUID(), ...adding });
    if (!next) return;
    put(next);
    onAdding(null);
    onAdded();
  };
  const move = async (to: string) => {
    const next = await ask(
      to === 'own' ? { act: 'split', lots: [[{ bundleId: inHand.bundleId }]] } : { act: 'move', bundleIds: [inHand.bundleId], to },
    );
    if (!next) return;
    if (next.id !== view.id) router.push(`/parcels/${next.id}/look-over`);
    else put(next);
  };
  const divide = async () => {
    const next = await ask({ act: 'divide', bundleId: inHand.bundleId, count: 1 });
    if (!next) return;
    put(next);
    onAdded();
  };
  const places = [
    ...(held.length > 1
      ? [
          { key: 'own', label: 'into a parcel of its own' },
          { key: 'aside', label: 'aside: it does not go' },
        ]
      : []),
    ...kin.map((one) => ({ key: one.id, label: `into ${one.code}: ${one.title}` })),
  ];
  return (
    <div className="regroup">
      {adding === null ? (
        <Button onClick={() => onAdding({ line: '' })}>One more piece</Button>
      ) : (
        <form
          className="act-row"
          onSubmit={(event) => {
            event.preventDefault();
            void add();
          }}
        >
          <Input
            autoFocus
            aria-label="One more piece"
            placeholder={`stand, ${LIKE_THIS[person.system].size}, ${LIKE_THIS[person.system].weight}`}
            value={adding.line}
            onChange={({ target }) => onAdding({ ...adding, line: target.value })}
          />
          <Button htmlType="submit" type="primary" disabled={!adding.line.trim()}>
            Put it in
          </Button>
          <Button onClick={() => onAdding(null)}>Leave it</Button>
        </form>
      )}
      {inHand.piece.count.value > 1 && adding === null && (
        <Button onClick={() => void divide()}>One of the {inHand.piece.count.value} differs</Button>
      )}
      {places.length > 0 && adding === null && (
        <Dropdown trigger={['click']} menu={{ items: places, onClick: ({ key }) => void move(key) }}>
          <Button>{held.length > 1 ? `Take ${titleOfPiece(inHand)} out` : 'Put it into another parcel'}</Button>
        </Dropdown>
      )}
      {kin.length > 0 && held.length === 1 && adding === null && (
        <span className="soft">
          {kin.map(({ title }) => title).join(' and ')} {kin.length === 1 ? 'goes' : 'go'} to {buyer} too.
        </span>
      )}
      <Trouble says={problem} />
    </div>
  );
}
