'use client';
import { Button } from 'antd';
import { heldIn, type Accessory } from '@inch-nest/contracts';
import { looseUntold, type LoosePart as Part, type PartFate } from '@inch-nest/core';
import type { ParcelUse } from '../../parcel/useParcel.ts';
import { usePickedField } from '../../parcel/fields/usePickedField.ts';
import { titleOfPiece } from '../../words/titleOf.ts';

/** What becomes of a part that is no piece of its own, as it is asked. */
const FATES: Readonly<Record<Exclude<PartFate, 'off'>, string>> = { on: 'On, and held fast', packer: 'Whoever packs it sees' };

const loose = (part: string) => ({
  one: `Is the ${part} loose? Wrapped in as it sits, it knocks all the way.`,
  several: `Are the ${part}s loose? Wrapped in as they sit, they knock all the way.`,
});
const breaksFirst = (part: string) => ({
  one: `Does the ${part} come off? Left on, it breaks first.`,
  several: `Do the ${part}s come off? Left on, they break first.`,
});
const STRIKES = 'Are the weights loose? They strike whatever is near.';
const KEPT = 'In a bag of its own it scratches nothing, and is found.';
/** What is asked of a part; a new one says here why, or does not compile. */
const ASKS: Readonly<Record<Part, { readonly one: string; readonly several: string }>> = {
  lid: loose('lid'),
  stopper: loose('stopper'),
  shade: breaksFirst('shade'),
  globe: breaksFirst('globe'),
  chimney: breaksFirst('chimney'),
  pendulum: {
    one: 'Does the pendulum come off? Left on, it swings against the works.',
    several: 'Do the pendulums come off? Left on, they swing against the works.',
  },
  weights: { one: STRIKES, several: STRIKES },
  drawer: { one: 'Does the drawer come out? It slides open on the way.', several: 'Do the drawers come out? They slide open on the way.' },
  key: { one: `Where is the key? ${KEPT}`, several: `Where are the keys? ${KEPT}` },
};

/** What is loose on a piece that the name tells of and nobody has seen to yet: it comes off, stays on, or is seen at the bench. */
export function LoosePart({ parcel, whole, onPiece }: { parcel: ParcelUse; whole: ParcelUse; onPiece: (part: Part) => void }) {
  const field = usePickedField(parcel, 'piece', 'accessories');
  const { view } = parcel;
  const others = heldIn(whole.view).filter(({ pieceId }) => pieceId !== view.pieceId);
  const told = [...others.map(titleOfPiece), ...field.value.map(({ name }) => name)];
  const part = looseUntold(titleOfPiece(view), told);
  if (!part) return null;
  const count = view.piece.count.value;
  const several = count > 1 || isSeveral(part, titleOfPiece(view));
  const keep = (fate: Pick<Accessory, 'part' | 'place'>) =>
    field.pick([...field.value, { id: crypto.randomUUID().slice(0, 8), name: several && count === 1 ? sOf(part) : part, count, ...fate }]);
  return (
    <div className="loose-part" role="group" aria-label={`Its ${part}`}>
      <span>{several ? ASKS[part].several : ASKS[part].one}</span>
      {part === 'key' ? (
        <Button onClick={() => keep({ part: 'apart', place: 'bag' })}>In a bag on top</Button>
      ) : (
        <Button onClick={() => onPiece(part)}>{several ? 'They come off: pieces of their own' : 'It comes off: a piece of its own'}</Button>
      )}
      {(['on', 'packer'] as const).map((fate) => (
        <Button key={fate} onClick={() => keep({ part: fate })}>
          {FATES[fate]}
        </Button>
      ))}
    </div>
  );
}

/** A piece may have more than one of it: `cabinet with drawers`. */
const isSeveral = (part: Part, title: string): boolean => part.endsWith('s') || new RegExp(`\\b${part}s\\b`, 'i').test(title);

/** Several of it. */
const sOf = (name: string): string => (name.endsWith('s') ? name : `${name}s`);

/** It may go by more than its name: `glass shade`. */
const NO_NAME = /^(?:with|and|its|an?|the|plus|&)$/i;

/** The line that begins a piece for a part that comes off, as many as there are, with the word before it that says of what it is. */
export function lineOfPart(part: Part, title: string, count: number): string {
  const before = new RegExp(`([\\w-]+)\\s+${part}s?\\b`, 'i').exec(title)?.[1];
  const name = before && !NO_NAME.test(before) ? `${before} ${part}` : part === 'chimney' ? 'glass chimney' : part;
  const names = count > 1 || isSeveral(part, title) ? sOf(name) : name;
  return count > 1 ? `${count} x ${names}, ` : `${names}, `;
}
