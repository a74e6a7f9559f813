'use client';
import { Button, Switch } from 'antd';
import { Plus, X } from 'lucide-react';
import { ORDINARY_FILLS, ORDINARY_WRAPS, type FillStock, type WrapStock } from '@inch-nest/core';
import { Select } from 'antd';
import { FigureField, type FigureKind } from '../../parts/FigureField.tsx';
import { rowKeys, useSheet, type SortsBy } from '../../parts/useSheet.tsx';
import { useShop } from '../../session/ShopContext.tsx';
import { measureOf, type MeasureKey } from '../../words/measures.ts';
import { OwnFillForm, OwnWrapForm } from './OwnMaterial.tsx';
import { ROLE_WORDS } from './roleWords.ts';

const MOST = 1_000_000;

/** The figures among a row's cells. */
type FigureOf<Row> = { [Key in keyof Row]-?: Row[Key] extends number ? Key : never }[keyof Row] & string;

/** Makes the cells of one row's figures: each shown and typed in the person's own units, and kept by itself. */
const figureCells =
  <Row extends WrapStock | FillStock>(row: Row, change: (key: string, part: Partial<Row>) => void) =>
  (name: string, of: FigureOf<Row>, kind: FigureKind, least: number, most: number, measure: MeasureKey = 'plain') => (
    <td>
      <FigureField
        hidden
        id={`${of}-${row.key}`}
        label={`${name} of ${row.name}`}
        kind={kind}
        value={row[of] as number}
        least={least}
        most={most}
        measure={measure}
        onKeep={(value) => change(row.key, { [of]: value } as Partial<Row>)}
      />
    </td>
  );

const BY_WRAP: SortsBy<WrapStock> = {
  name: ({ name }) => name,
  does: ({ role }) => ROLE_WORDS[role],
  left: ({ onHandFt2 }) => onHandFt2,
  turn: ({ thicknessIn }) => thicknessIn,
  wide: ({ rollWidthIn }) => rollWidthIn,
  long: ({ rollLengthIn }) => rollLengthIn,
  price: ({ priceMinor }) => priceMinor,
  minutes: ({ minutesPerTurn }) => minutesPerTurn,
};
const BY_FILL: SortsBy<FillStock> = {
  name: ({ name }) => name,
  left: ({ onHandFt3 }) => onHandFt3,
  price: ({ minorPerFt3 }) => minorPerFt3,
  weighs: ({ lbPerFt3 }) => lbPerFt3,
  minutes: ({ minutesPerFt3 }) => minutesPerFt3,
};

/** Sheet materials by the roll. */
export function WrapTable({ wraps, onChange }: { wraps: readonly WrapStock[]; onChange: (wraps: WrapStock[]) => void }) {
  const { person } = useShop();
  const change = (key: string, part: Partial<WrapStock>) => onChange(wraps.map((wrap) => (wrap.key === key ? { ...wrap, ...part } : wrap)));
  const { shown, head, finder } = useSheet(
    wraps,
    BY_WRAP,
    ({ name, role }) => `${name} ${ROLE_WORDS[role]}`,
    ({ key }) => key,
  );
  return (
    <>
      {finder('the wraps')}
      <div className="sheet-scroll">
        <table className="stock-table" onKeyDown={rowKeys}>
          <thead>
            <tr>
              {head('name', 'Wrap')}
              {head('does', 'Does')}
              {head('left', `Left, ${measureOf('area', person.system).unit}`)}
              {head('turn', 'One turn')}
              {head('wide', 'Roll wide')}
              {head('long', 'Roll long')}
              {head('price', 'A roll')}
              {head('minutes', 'Min a turn')}
              <th>Reused</th>
              <th />
            </tr>
          </thead>
          <tbody>
            {shown.map((wrap) => {
              const field = figureCells(wrap, change);
              return (
                <tr key={wrap.key} className={wrap.onHandFt2 < 20 ? 'out' : ''}>
                  <th scope="row">{wrap.name}</th>
                  <td>{ROLE_WORDS[wrap.role]}</td>
                  {field('What is left', 'onHandFt2', 'number', -MOST, MOST, 'area')}
                  {field('Thickness', 'thicknessIn', 'length', 0.001, 4)}
                  {field('Roll width', 'rollWidthIn', 'length', 0.5, 108)}
                  {field('Roll length', 'rollLengthIn', 'number', 1, 100_000)}
                  {field('Price', 'priceMinor', 'money', 0, 100_000_000)}
                  {field('Minutes a turn', 'minutesPerTurn', 'number', 0, 50)}
                  <td>
                    <Switch
                      aria-label={`${wrap.name} is reused`}
                      checked={wrap.reused}
                      onChange={(reused) => change(wrap.key, { reused })}
                    />
                  </td>
                  <td>
                    <Button
                      type="text"
                      icon={<X size={20} aria-hidden />}
                      aria-label={`No longer keep ${wrap.name}`}
                      onClick={() => onChange(wraps.filter((one) => one.key !== wrap.key))}
                    />
                  </td>
                </tr>
              );
            })}
          </tbody>
        </table>
      </div>
      <Add
        ordinary={Object.values(ORDINARY_WRAPS)}
        kept={wraps}
        what="Another wrap"
        onAdd={(wrap) => onChange([...wraps, { ...wrap, onHandFt2: 0 }])}
      />
      <OwnWrapForm taken={wraps.map(({ key }) => key)} onMade={(wrap) => onChange([...wraps, wrap])} />
    </>
  );
}

/** What fills the gaps. */
export function FillTable({ fills, onChange }: { fills: readonly FillStock[]; onChange: (fills: FillStock[]) => void }) {
  const { person } = useShop();
  const change = (key: string, part: Partial<FillStock>) => onChange(fills.map((fill) => (fill.key === key ? { ...fill, ...part } : fill)));
  const { shown, head, finder } = useSheet(
    fills,
    BY_FILL,
    ({ name }) => name,
    ({ key }) => key,
  );
  return (
    <>
      {finder('the fills')}
      <div className="sheet-scroll">
        <table className="stock-table" onKeyDown={rowKeys}>
          <thead>
            <tr>
              {head('name', 'Fill')}
              {head('left', `Left, ${measureOf('volume', person.system).unit}`)}
              {head('price', `Price ${measureOf('perVolume', person.system).unit}`)}
              {head('weighs', `Weighs, ${measureOf('density', person.system).unit}`)}
              {head('minutes', `Min ${measureOf('perVolume', person.system).unit}`)}
              <th>Counted in</th>
              <th>{measureOf('volume', person.system).unit} each</th>
              <th />
            </tr>
          </thead>
          <tbody>
            {shown.map((fill) => {
              const field = figureCells(fill, change);
              return (
                <tr key={fill.key} className={fill.onHandFt3 < 2 ? 'out' : ''}>
                  <th scope="row">{fill.name}</th>
                  {field('What is left', 'onHandFt3', 'number', -MOST, MOST, 'volume')}
                  {field('Price by volume', 'minorPerFt3', 'money', 0, 100_000_000, 'perVolume')}
                  {field('Weight by volume', 'lbPerFt3', 'number', 0, 50, 'density')}
                  {field('Minutes by volume', 'minutesPerFt3', 'number', 0, 50, 'perVolume')}
                  <td>{fill.unitName}</td>
                  {field('Volume of one', 'unitFt3', 'number', 0.001, 100, 'volume')}
                  <td>
                    <Button
                      type="text"
                      icon={<X size={20} aria-hidden />}
                      aria-label={`No longer keep ${fill.name}`}
                      onClick={() => onChange(fills.filter((one) => one.key !== fill.key))}
                    />
                  </td>
                </tr>
              );
            })}
          </tbody>
        </table>
      </div>
      <Add
        ordinary={Object.values(ORDINARY_FILLS)}
        kept={fills}
        what="Another fill"
        onAdd={(fill) => onChange([...fills, { ...fill, onHandFt3: 0 }])}
      />
      <OwnFillForm taken={fills.map(({ key }) => key)} onMade={(fill) => onChange([...fills, fill])} />
    </>
  );
}

function Add<Item extends { key: string; name: string }>({
  ordinary,
  kept,
  what,
  onAdd,
}: {
  ordinary: readonly Item[];
  kept: readonly Item[];
  what: string;
  onAdd: (item: Item) => void;
}) {
  const absent = ordinary.filter((one) => !kept.some((other) => other.key === one.key));
  if (absent.length === 0) return null;
  return (
    <span className="add-stock">
      <Plus size={20} aria-hidden />
      <Select
        aria-label={what}
        value={null}
        placeholder={what}
        popupMatchSelectWidth={false}
        options={absent.map((one) => ({ value: one.key, label: one.name }))}
        onChange={(key: string | null) => {
          const found = absent.find((one) => one.key === key);
          if (found) onAdd(found);
        }}
      />
    </span>
  );
}
