'use client';
import { Select } from 'antd';
import { useState } from 'react';
import {
  ARCHETYPES,
  ceilingOf,
  formatChance,
  FORMS,
  guessMissing,
  lower,
  standsOnEdge,
  takenHollow,
  worthMinor,
  type Finish,
  type FormKey,
  type House,
  type PieceFacts,
} from '@inch-nest/core';
import { heldIn, pieceFactsOf } from '@inch-nest/contracts';
import type { BenchUse } from '../../parcel/BenchContext.tsx';
import { useShop } from '../../session/ShopContext.tsx';
import { isLookedOver } from '../../parcel/isLookedOver.ts';
import { Onward } from '../../parcel/Onward.tsx';
import { PickedClash } from '../../parcel/fields/PickedClash.tsx';
import { NestStepField } from '../../parcel/fields/NestStepField.tsx';
import { TypedField } from '../../parcel/fields/TypedField.tsx';
import { usePickedField } from '../../parcel/fields/usePickedField.ts';
import { Cautions } from './Cautions.tsx';
import { LIKE_THIS } from '../../words/likeThis.ts';
import { StackFields } from './StackFields.tsx';
import { cautionsFor } from '../../words/cautionsFor.ts';
import { wholeWords } from '../../words/wholeWords.ts';
import { Choice, Toggle } from './Choice.tsx';
import { HowItLies } from './HowItLies.tsx';
import type { ParcelUse } from '../../parcel/useParcel.ts';
import { ComesOff } from './ComesOff.tsx';
import { GoesInto } from './GoesInto.tsx';
import { GoesWith } from './GoesWith.tsx';
import { Hollows } from './Hollows.tsx';
import { Inside } from './Inside.tsx';
import { KindKeys } from './KindKeys.tsx';
import { LikeBefore } from './LikeBefore.tsx';
import { PiecePhotos } from './PiecePhotos.tsx';
import { StandsBeside } from './StandsBeside.tsx';
import { Weaknesses } from './Weaknesses.tsx';
import { listed, titleOf, titleOfPiece } from '../../words/titleOf.ts';
import { nestInHandOf, pieceInHand } from '../../parcel/bundleInHand.ts';
import { PieceRow } from '../../parts/PieceRow.tsx';
import { lineOfPart, LoosePart } from './LoosePart.tsx';
import { Regroup, type Adding } from './Regroup.tsx';

const FINISHES: readonly { value: Finish; label: string }[] = [
  { value: 'plain', label: 'plain' },
  { value: 'polished', label: 'polished' },
  { value: 'rubsOff', label: 'rubs off' },
  { value: 'uncured', label: 'not cured' },
];
const ORIGINAL_BOX: readonly { value: 'none' | 'kept' | 'ofValue'; label: string }[] = [
  { value: 'none', label: 'none' },
  { value: 'kept', label: 'kept' },
  { value: 'ofValue', label: 'part of the value' },
];

/** The pieces of a parcel, one of them in hand: looked over, joined by more, taken out again. */
export function LookOverStation({ parcel, nest }: BenchUse) {
  const [picked, setPicked] = useState(0);
  const [adding, setAdding] = useState<Adding | null>(null);
  const at = Math.min(picked, parcel.view.others.length);
  const inHand = pieceInHand(parcel, at);
  return (
    <div className="look-over">
      <div className="section-head">
        <h1 dir="auto">{titleOf(parcel.view)}</h1>
        <Onward parcelId={parcel.view.id} here="look-over" done={isLookedOver(parcel.view)} />
      </div>
      <p className="soft sub">Look it over. Size and weight make a plan; everything below makes it a better one.</p>
      <PieceRow view={parcel.view} at={at} onPick={setPicked} />
      <Regroup parcel={parcel} at={at} adding={adding} onAdding={setAdding} onAdded={() => setPicked(parcel.view.others.length + 1)} />
      {adding === null && !parcel.view.life.sealed && (
        <LoosePart
          key={inHand.view.pieceId}
          parcel={inHand}
          whole={parcel}
          onPiece={(part) =>
            setAdding({
              line: lineOfPart(part, titleOfPiece(inHand.view), inHand.view.piece.count.value),
              partOf: inHand.view.pieceId,
            })
          }
        />
      )}
      <OnePiece key={inHand.view.bundleId} parcel={inHand} nest={nestInHandOf(nest, at)} whole={parcel} />
    </div>
  );
}

/** What a piece is, how big and heavy, what of it will break first; two numbers make a plan, the rest refines it. */
function OnePiece({ parcel, nest, whole }: BenchUse & { whole: ParcelUse }) {
  const { write, person } = useShop();
  const { view } = parcel;
  const archetype = usePickedField(parcel, 'piece', 'archetype');
  const form = usePickedField(parcel, 'piece', 'form');
  const finish = usePickedField(parcel, 'piece', 'finish');
  const damp = usePickedField(parcel, 'piece', 'dampSensitive');
  const upright = usePickedField(parcel, 'piece', 'keepUpright');
  const storage = usePickedField(parcel, 'piece', 'storageWrap');
  const irreplaceable = usePickedField(parcel, 'piece', 'irreplaceable');
  const wholeOrNothing = usePickedField(parcel, 'piece', 'wholeOrNothing');
  const standing = usePickedField(parcel, 'piece', 'standing');
  const points = usePickedField(parcel, 'piece', 'hardPoints');
  const hollows = usePickedField(parcel, 'piece', 'hollows');
  const goesWith = usePickedField(parcel, 'piece', 'accessories');
  const original = usePickedField(parcel, 'piece', 'originalBox');
  const facts = pieceFactsOf(view.pieceId, view.piece);
  const data = ARCHETYPES[archetype.value];
  const guess = guessMissing(facts, data);
  const several = facts.count > 1;
  const off = listed(
    heldIn(whole.view).flatMap(({ piece }) =>
      piece.partOf.value?.pieceId === view.pieceId ? [lower(piece.title.value ?? 'its part')] : [],
    ),
  );
  const goesWithIt = wholeWords(facts, nest.request.order);
  const worth = worthMinor(facts, nest.request.order);
  const soldWords = `as sold, ${write.money(Math.round(worth / facts.count))}${several ? ' each' : ''}`;
  return (
    <>
      {parcel.view.others.length > 0 && <h2 className="unseen">{titleOfPiece(view)}</h2>}
      <div className="fields measures">
        {parcel.view.others.length > 0 && <TypedField parcel={parcel} entity="piece" path="title" label="Piece" meaning={() => ''} />}
        <TypedField
          parcel={parcel}
          entity="piece"
          path="size"
          label={`${several ? 'Size of one' : 'Size'} ${off ? `without ${off}` : 'as it stands'}`}
          placeholder={LIKE_THIS[person.system].size}
          meaning={() =>
            guess.guessed.sides.includes(true)
              ? `≈ ${write.size(guess.sizeIn)}, the rest guessed: measure it to narrow this`
              : write.size(guess.sizeIn)
          }
        />
        <TypedField
          parcel={parcel}
          entity="piece"
          path="weight"
          label={`${several ? 'Weight of one' : 'Weight'}${off ? ` without ${off}` : ''}`}
          placeholder={LIKE_THIS[person.system].weight}
          meaning={() =>
            guess.guessed.weight ? `≈ ${write.weight(guess.weightLb)}, guessed: weigh it to narrow this` : write.weight(guess.weightLb)
          }
        />
        <TypedField
          parcel={parcel}
          entity="piece"
          path="replacementMinor"
          label={several ? 'Worth of one, if not as sold' : 'Worth, if not the sold price'}
          placeholder="as sold"
          meaning={(minor: number | null) => (minor === null ? soldWords : write.money(minor))}
        />
        <TypedField
          parcel={parcel}
          entity="piece"
          path="count"
          label="How many alike"
          placeholder="1"
          meaning={(count: number) => (count === 1 ? 'one of it' : `${count} alike in this parcel`)}
        />
        {several && <StackFields parcel={parcel} />}
        {several && <NestStepField parcel={parcel} />}
      </div>
      <KindKeys value={archetype.value} onPick={archetype.pick} />
      <p className="meaning">
        {data.fragility
          ? `Its body stands about ${data.fragility.referenceG} g at ${write.length(6)}, and a bare drop of ${write.length(data.fragility.ownHeightIn)}.`
          : 'Shock does not limit it.'}
      </p>
      <PickedClash {...archetype} />
      <Weaknesses points={points.value} sizeIn={guess.sizeIn} plan={nest.plan} onChange={points.pick} />
      <PickedClash {...points} />
      <h2>Surface and inside</h2>
      <div className="fields">
        <Choice label="Finish" options={FINISHES} field={finish} />
        <div className="field">
          <label htmlFor="form">Form</label>
          <Select<FormKey | 'usual'>
            id="form"
            aria-label="Form"
            value={form.value ?? 'usual'}
            onChange={(value) => form.pick(value === 'usual' ? null : value)}
            options={[
              { value: 'usual', label: `as usual: ${FORMS[data.form].name}` },
              ...Object.values(FORMS).map((one) => ({ value: one.key, label: one.name })),
            ]}
          />
          <div className="meaning">how much of each side really bears</div>
          <PickedClash {...form} />
        </div>
        <Inside parcel={parcel} />
        <Choice label="Its original box" options={ORIGINAL_BOX} field={original} />
        {original.value === 'kept' && (
          <TypedField
            parcel={parcel}
            entity="piece"
            path="ownBoxIn"
            label="Inside of its own box"
            placeholder={LIKE_THIS[person.system].size}
            meaning={(inside: readonly [number, number, number] | null) =>
              inside ? `${write.size(inside)}: it may go in that, in another box` : 'measured, it may travel in that, in another box'
            }
          />
        )}
        <ComesOff parcel={parcel} whole={whole} />
        <GoesInto parcel={parcel} whole={whole} />
        <StandsBeside parcel={parcel} whole={whole} />
        <HowItLies field={standing} isAlone={whole.view.others.length === 0} onEdge={standsOnEdge(facts, nest.request.house)} />
        <Toggle label="Suffers from damp" field={damp} />
        <Toggle label="Keep this way up" field={upright} />
        <Toggle label="Still in its storage wrap" field={storage} />
        <Toggle label="Cannot be replaced" field={irreplaceable} />
        {goesWithIt && <Toggle label={goesWithIt} field={wholeOrNothing} />}
        <TypedField
          parcel={parcel}
          entity="piece"
          path="mostChance"
          label="May break at most"
          placeholder={formatChance(ceilingOf({ facts: { ...facts, mostChance: null } }, nest.request.house))}
          meaning={(own: number | null) => (own === null ? 'as the house allows' : `${formatChance(own)}, for this piece alone`)}
        />
      </div>
      {original.value !== 'none' && (
        <p className="meaning">
          {original.value === 'ofValue'
            ? 'The box is sold with it: size and weight are those of the piece in its box, and its edges count.'
            : 'Kept: it goes along, or the piece travels in it.'}
        </p>
      )}
      <Irreplaceable facts={facts} worthMinor={worth} house={nest.request.house} />
      {storage.value && <p className="meaning">Storage wrap comes off first: it hides damage and holds damp. Measure without it.</p>}
      <Hollows
        hollows={hollows.value}
        taken={takenHollow(
          facts,
          heldIn(whole.view).map(({ pieceId, piece }) => pieceFactsOf(pieceId, piece)),
        )}
        onChange={hollows.pick}
      />
      <PickedClash {...hollows} />
      <GoesWith list={goesWith.value} onChange={goesWith.pick} />
      <PickedClash {...goesWith} />
      <PiecePhotos parcel={parcel} />
      <h2>To know it again</h2>
      <div className="fields">
        <TypedField
          parcel={parcel}
          entity="piece"
          path="serial"
          label="Serial number"
          placeholder="none"
          meaning={(serial: string | null) => (serial ? 'compared when it comes back' : 'or any mark that tells it from its like')}
        />
        <TypedField
          parcel={parcel}
          entity="piece"
          path="seal"
          label="Seal over a seam"
          placeholder="none"
          meaning={(seal: string | null) => (seal ? 'broken means opened' : 'for what could be swapped')}
        />
      </div>
      {whole.view.others.length === 0 && <LikeBefore parcel={parcel} nest={nest} />}
      <Cautions list={cautionsFor(facts, guess.weightLb)} />
    </>
  );
}

/** What it means that no money buys another; asked after where it is worth much. */
function Irreplaceable({ facts, worthMinor, house }: { facts: PieceFacts; worthMinor: number; house: House }) {
  const { write } = useShop();
  if (facts.irreplaceable || facts.mostChance !== null)
    return (
      <p className="meaning">
        No nest is recommended that breaks more often than {formatChance(ceilingOf({ facts }, house))}, where one is below.
      </p>
    );
  if (house.irreplaceableFromMinor === null || worthMinor < house.irreplaceableFromMinor) return null;
  return <p className="meaning">Worth {write.money(worthMinor)}: does money buy another? If not, say so above.</p>;
}
