'use client';
import { Button, Input, Select, Switch } from 'antd';
import { useState, type ReactNode } from 'react';
import {
  CM_PER_IN,
  ownFill,
  ownWrap,
  parseMoney,
  parseQuantity,
  type CushionKey,
  type FillStock,
  type UnitSystem,
  type WrapRole,
  type WrapStock,
} from '@inch-nest/core';
import { Trouble } from '../../parts/Trouble.tsx';
import { useShop } from '../../session/ShopContext.tsx';
import { LIKE_THIS } from '../../words/likeThis.ts';
import { CUSHION_WORDS, ROLE_WORDS } from './roleWords.ts';

/** What is asked of a material in words a ruler and a scale answer. */
interface Asked {
  readonly id: string;
  readonly label: string | Readonly<Record<UnitSystem, string>>;
  readonly like: (system: UnitSystem) => string;
}
/** Rolls are longer than any parcel: by the foot, or by the metre; inches in one. */
const RUN_IN: Readonly<Record<UnitSystem, number>> = { imperial: 12, metric: 100 / CM_PER_IN };
const WRAP_ASKED: readonly Asked[] = [
  { id: 'name', label: 'What is it called?', like: () => 'Honeycomb paper' },
  { id: 'tenTurns', label: 'Ten turns of it, thick', like: (system) => LIKE_THIS[system].length },
  { id: 'sheet', label: 'A sheet of it, long and wide', like: (system) => LIKE_THIS[system].sheet },
  { id: 'sheetWeight', label: 'That sheet on the scale', like: (system) => LIKE_THIS[system].light },
  { id: 'rollWidth', label: 'A roll is wide', like: (system) => LIKE_THIS[system].length },
  { id: 'rollLength', label: { imperial: 'and long, feet', metric: 'and long, metres' }, like: (system) => LIKE_THIS[system].run },
  { id: 'price', label: 'A roll costs', like: () => '17.50' },
];
const FILL_ASKED: readonly Asked[] = [
  { id: 'name', label: 'What is it called?', like: () => 'Shredded paper' },
  { id: 'box', label: 'A box filled with it, inside', like: (system) => LIKE_THIS[system].size },
  { id: 'boxful', label: 'That boxful, without the box', like: (system) => LIKE_THIS[system].light },
  { id: 'unit', label: 'What is counted?', like: () => 'scoop' },
  { id: 'units', label: 'So many went into the box', like: () => '4' },
  { id: 'price', label: 'One of them costs', like: () => '0.40' },
];

/** A wrong answer, by the field it stands in. */
class Wrong extends Error {
  constructor(
    readonly id: string,
    says: string,
  ) {
    super(says);
  }
}

/** Reads the answers of one form; throws at the first that is wrong. */
function reader(texts: Readonly<Record<string, string>>, system: UnitSystem) {
  const text = (id: string) => (texts[id] ?? '').trim();
  const measured = (id: string, kind: 'length' | 'weight' | 'dimensions', sides = 1): number[] => {
    if (text(id) === '') throw new Wrong(id, 'this is wanted too');
    const found = parseQuantity(text(id), system, kind === 'weight' ? 'weight' : 'length');
    if (found.kind === 'notUnderstood') throw new Wrong(id, found.problem);
    if (kind === 'weight' && found.kind === 'weight') return [found.pounds];
    if (kind === 'length' && found.kind === 'length') return [found.inches];
    if (kind === 'dimensions' && found.kind === 'dimensions' && found.inches.length === sides) return found.inches;
    throw new Wrong(id, kind === 'weight' ? 'a weight' : kind === 'length' ? 'one length' : `${sides} lengths, with x between`);
  };
  return {
    name: (id: string, most: number) => {
      if (text(id) === '') throw new Wrong(id, 'it needs a name');
      if (text(id).length > most) throw new Wrong(id, `at most ${most} letters, please`);
      return text(id);
    },
    length: (id: string) => measured(id, 'length')[0]!,
    weight: (id: string) => measured(id, 'weight')[0]!,
    two: (id: string) => measured(id, 'dimensions', 2) as [number, number],
    three: (id: string) => measured(id, 'dimensions', 3) as [number, number, number],
    money: (id: string) => {
      const minor = parseMoney(text(id));
      if (minor === null) throw new Wrong(id, 'an amount, like 17.50');
      return minor;
    },
    count: (id: string) => {
      const count = Number(text(id).replace(',', '.'));
      if (!(count > 0)) throw new Wrong(id, 'how many, like 4');
      return count;
    },
  };
}

/** A form of questions, folded until somebody has something of the kind. */
function OwnForm({
  what,
  asked,
  children,
  onDone,
}: {
  what: 'wrap' | 'fill';
  asked: readonly Asked[];
  children: ReactNode;
  /** @throws Wrong for an answer that is wrong; RangeError for what no material can be */
  onDone: (read: ReturnType<typeof reader>) => void;
}) {
  const { person } = useShop();
  const [open, setOpen] = useState(false);
  const [texts, setTexts] = useState<Readonly<Record<string, string>>>({});
  const [wrong, setWrong] = useState<{ id: string | null; says: string } | null>(null);
  if (!open) return <Button onClick={() => setOpen(true)}>A {what} of our own …</Button>;
  const done = () => {
    try {
      onDone(reader(texts, person.system));
      setTexts({});
      setWrong(null);
      setOpen(false);
    } catch (error) {
      if (!(error instanceof Wrong || error instanceof RangeError)) throw error;
      setWrong({ id: error instanceof Wrong ? error.id : null, says: error.message });
    }
  };
  return (
    <form
      className="own-material"
      aria-label={`A ${what} of our own`}
      onSubmit={(event) => {
        event.preventDefault();
        done();
      }}
    >
      {asked.map(({ id, label, like }, at) => (
        <div key={id} className="field">
          <label htmlFor={`own-${what}-${id}`}>{typeof label === 'string' ? label : label[person.system]}</label>
          <Input
            id={`own-${what}-${id}`}
            autoFocus={at === 0}
            value={texts[id] ?? ''}
            placeholder={like(person.system)}
            maxLength={60}
            status={wrong?.id === id ? 'error' : ''}
            aria-describedby={wrong?.id === id ? `own-${what}-wrong` : undefined}
            onChange={(event) => setTexts({ ...texts, [id]: event.target.value })}
          />
          {wrong?.id === id && (
            <p id={`own-${what}-wrong`} className="meaning wrong" role="alert">
              ✗ {wrong.says}
            </p>
          )}
        </div>
      ))}
      {children}
      <Trouble says={wrong && wrong.id === null ? wrong.says : null} />
      <div className="act-row">
        <Button type="primary" htmlType="submit">
          Put it in the stockroom
        </Button>
        <Button onClick={() => setOpen(false)}>Leave it</Button>
      </div>
    </form>
  );
}

const CUSHIONS = (Object.entries(CUSHION_WORDS) as [CushionKey, string][]).map(([value, label]) => ({ value, label }));
// an envelope is kept among the boxes
const ROLES = (Object.entries(ROLE_WORDS) as [WrapRole, string][])
  .filter(([role]) => role !== 'sleeve')
  .map(([value, label]) => ({ value, label }));

/** A wrap the shop has and we do not know: measured with a ruler and a scale. */
export function OwnWrapForm({ taken, onMade }: { taken: readonly string[]; onMade: (wrap: WrapStock) => void }) {
  const { person } = useShop();
  const [role, setRole] = useState<WrapRole>('conform');
  const [cushion, setCushion] = useState<CushionKey | null>('smallBubble');
  const [abrasive, setAbrasive] = useState(true);
  return (
    <OwnForm
      what="wrap"
      asked={WRAP_ASKED}
      onDone={(read) =>
        onMade(
          ownWrap(
            {
              name: read.name('name', 60),
              role,
              cushion,
              tenTurnsIn: read.length('tenTurns'),
              sheetIn: read.two('sheet'),
              sheetLb: read.weight('sheetWeight'),
              rollIn: [read.length('rollWidth'), read.count('rollLength') * RUN_IN[person.system]],
              priceMinor: read.money('price'),
              abrasive,
            },
            taken,
            person.system,
          ),
        )
      }
    >
      <div className="field">
        <label htmlFor="own-wrap-role">What does it do?</label>
        <Select<WrapRole> id="own-wrap-role" aria-label="What does it do?" value={role} options={ROLES} onChange={setRole} />
      </div>
      <div className="field">
        <label htmlFor="own-wrap-cushion">It cushions like</label>
        <Select<CushionKey | 'none'>
          id="own-wrap-cushion"
          aria-label="It cushions like"
          value={cushion ?? 'none'}
          options={[{ value: 'none', label: 'nothing: it keeps the finish' }, ...CUSHIONS]}
          onChange={(value) => setCushion(value === 'none' ? null : value)}
        />
      </div>
      <label className="switch-row">
        <Switch checked={abrasive} onChange={setAbrasive} /> marks a soft finish
      </label>
    </OwnForm>
  );
}

/** A fill the shop has and we do not know: a box filled with it on the scale. */
export function OwnFillForm({ taken, onMade }: { taken: readonly string[]; onMade: (fill: FillStock) => void }) {
  const { person } = useShop();
  const [cushion, setCushion] = useState<CushionKey>('crumpledPaper');
  return (
    <OwnForm
      what="fill"
      asked={FILL_ASKED}
      onDone={(read) =>
        onMade(
          ownFill(
            {
              name: read.name('name', 60),
              cushion,
              boxIn: read.three('box'),
              boxfulLb: read.weight('boxful'),
              unitName: read.name('unit', 20),
              unitsInBox: read.count('units'),
              unitMinor: read.money('price'),
            },
            taken,
            person.system,
          ),
        )
      }
    >
      <div className="field">
        <label htmlFor="own-fill-cushion">It cushions like</label>
        <Select<CushionKey> id="own-fill-cushion" aria-label="It cushions like" value={cushion} options={CUSHIONS} onChange={setCushion} />
      </div>
    </OwnForm>
  );
}
