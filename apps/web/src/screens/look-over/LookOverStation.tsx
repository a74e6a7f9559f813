'use client';
import { Segmented, Select, Switch } from 'antd';
import { useHotkeys } from 'react-hotkeys-hook';
import {
  ARCHETYPES,
  FORMS,
  guessMissing,
  type ArchetypeKey,
  type Finish,
  type FormKey,
  type HardPoint,
  type PieceFacts,
} from '@inch-nest/core';
import { pieceFactsOf } from '@inch-nest/contracts';
import { useShop } from '../bench/ShopContext.tsx';
import type { ParcelUse } from '../bench/useParcel.ts';
import { PickedConflict } from '../fields/PickedConflict.tsx';
import { TypedField } from '../fields/TypedField.tsx';
import { usePickedField } from '../fields/usePickedField.ts';
import { HardPointList } from './HardPointList.tsx';
import { cautionsFor } from './cautions.ts';

const FINISHES: readonly { value: Finish; label: string }[] = [
  { value: 'plain', label: 'plain' },
  { value: 'polished', label: 'polished' },
  { value: 'rubsOff', label: 'rubs off' },
  { value: 'uncured', label: 'not cured' },
];
const MOVING: readonly { value: PieceFacts['movingParts']; label: string }[] = [
  { value: 'none', label: 'nothing moves' },
  { value: 'steadied', label: 'steadied' },
  { value: 'shifting', label: 'shifts inside' },
];

/** What the piece is, how big and heavy, and what of it will break first. */
export function LookOverStation({ parcel }: { parcel: ParcelUse }) {
  const { write, keysOn } = useShop();
  const { view } = parcel;
  const archetype = usePickedField<ArchetypeKey>(parcel, 'piece', 'archetype');
  const form = usePickedField<FormKey | null>(parcel, 'piece', 'form');
  const finish = usePickedField<Finish>(parcel, 'piece', 'finish');
  const moving = usePickedField<PieceFacts['movingParts']>(parcel, 'piece', 'movingParts');
  const damp = usePickedField<boolean>(parcel, 'piece', 'dampSensitive');
  const upright = usePickedField<boolean>(parcel, 'piece', 'keepUpright');
  const points = usePickedField<HardPoint[]>(parcel, 'piece', 'hardPoints');
  const facts = pieceFactsOf(view.pieceId, view.piece);
  const data = ARCHETYPES[archetype.value];
  const guess = guessMissing(facts, data);
  const kinds = Object.values(ARCHETYPES);
  useHotkeys(
    kinds.map((kind) => `shift+${kind.hotkey}`),
    (event) => {
      const kind = kinds.find((one) => one.hotkey === event.key.toLowerCase());
      if (kind) archetype.pick(kind.key);
    },
    { enabled: keysOn },
  );
  return (
    <>
      <h1>{String(view.piece.title.value)}</h1>
      <p className="soft sub">Look it over: what will break first?</p>
      <div className="fields">
        <TypedField
          parcel={parcel}
          entity="piece"
          path="size"
          label="Size as it stands"
          placeholder="9 x 6 1/4 x 6"
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
          label="Weight"
          placeholder="2 lb 3.5 oz"
          meaning={() =>
            guess.guessed.weight ? `≈ ${write.weight(guess.weightLb)}, guessed: weigh it to narrow this` : write.weight(guess.weightLb)
          }
        />
        <div className="field">
          <label htmlFor="archetype">What kind of piece</label>
          <Select
            id="archetype"
            aria-label="What kind of piece"
            value={archetype.value}
            onChange={archetype.pick}
            showSearch={{ optionFilterProp: 'label' }}
            options={kinds.map((kind) => ({ value: kind.key, label: `${kind.name} (Shift ${kind.hotkey.toUpperCase()})` }))}
          />
          <div className="meaning">
            {data.referenceG === null ? 'shock does not limit it' : `its body stands about ${data.referenceG} g at 6 in`}
          </div>
          <PickedConflict {...archetype} />
        </div>
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
          <PickedConflict {...form} />
        </div>
        <Choice label="Finish" options={FINISHES} field={finish} />
        <Choice label="Inside" options={MOVING} field={moving} />
        <Toggle label="Suffers from damp" field={damp} />
        <Toggle label="Keep this way up" field={upright} />
      </div>
      <HardPointList points={points.value} onChange={points.pick} />
      <PickedConflict {...points} />
      <Cautions list={cautionsFor(facts, guess.weightLb)} />
    </>
  );
}

type Picked<Value> = ReturnType<typeof usePickedField<Value>>;

function Choice<Value extends string>({
  label,
  options,
  field,
}: {
  label: string;
  options: readonly { value: Value; label: string }[];
  field: Picked<Value>;
}) {
  return (
    <div className="field">
      <span className="label">{label}</span>
      <Segmented aria-label={label} value={field.value} onChange={field.pick} options={[...options]} />
      <PickedConflict {...field} />
    </div>
  );
}

function Toggle({ label, field }: { label: string; field: Picked<boolean> }) {
  const id = label.replaceAll(' ', '-').toLowerCase();
  return (
    <div className="field toggle">
      <Switch id={id} checked={field.value} onChange={field.pick} />
      <label htmlFor={id}>{label}</label>
      <PickedConflict {...field} />
    </div>
  );
}

function Cautions({ list }: { list: readonly string[] }) {
  return (
    <section className="cautions" aria-label="Cautions">
      <h2>Mind</h2>
      <ul>
        {list.map((caution) => (
          <li key={caution}>{caution}</li>
        ))}
      </ul>
    </section>
  );
}
