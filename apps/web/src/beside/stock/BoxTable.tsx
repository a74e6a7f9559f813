'use client';
import { Button, Select } from 'antd';
import { Plus, X } from 'lucide-react';
import { useState } from 'react';
import { BOARD_GRADES, builtOutsideIn, isCore, type BoxStock } from '@inch-nest/core';
import { useShop } from '../../session/ShopContext.tsx';
import { FigureField } from '../../parts/FigureField.tsx';
import { rowKeys, useSheet, type SortsBy } from '../../parts/useSheet.tsx';
import { BoxFits } from './BoxFits.tsx';
import { SizeField } from './SizeField.tsx';

const STYLES = [
  { value: 'slotted', label: 'box' },
  { value: 'padded', label: 'padded envelope' },
  { value: 'stiffened', label: 'stiff envelope' },
  { value: 'tube', label: 'tube, as a core' },
] as const;

/** What a list of boxes is sorted by. */
const BY: SortsBy<BoxStock> = {
  inside: ({ insideIn: [l, w, d] }) => l * w * d,
  kind: ({ style }) => style,
  board: ({ board }) => board.edgeCrushLbPerIn,
  hand: ({ onHand }) => onHand,
  price: ({ priceMinor }) => priceMinor,
  uses: ({ earlierUses }) => earlierUses,
};

/** Boxes and envelopes; the built outside may be measured, which is what carriers price. */
export function BoxTable({ boxes, onChange }: { boxes: readonly BoxStock[]; onChange: (boxes: BoxStock[]) => void }) {
  const { write } = useShop();
  const [inHand, setInHand] = useState<BoxStock | null>(null);
  const { shown, head, finder } = useSheet(
    boxes,
    BY,
    ({ name, board }) => `${name} ${board.name}`,
    ({ key }) => key,
  );
  const change = (key: string, part: Partial<BoxStock>) => onChange(boxes.map((box) => (box.key === key ? { ...box, ...part } : box)));
  const add = () =>
    onChange([
      ...boxes,
      {
        key: `box-${crypto.randomUUID().slice(0, 8)}`,
        name: 'another box',
        insideIn: [12, 12, 12],
        measuredOutsideIn: null,
        board: BOARD_GRADES.ordinary,
        priceMinor: 100,
        earlierUses: 0,
        onHand: 0,
        style: 'slotted',
        container: null,
      },
    ]);
  return (
    <>
      {finder('the boxes')}
      <div className="sheet-scroll">
        <table className="stock-table" onKeyDown={rowKeys}>
          <thead>
            <tr>
              {head('inside', 'Inside')}
              {head('kind', 'Kind')}
              {head('board', 'Board')}
              {head('hand', 'On hand')}
              {head('price', 'Price')}
              {head('uses', 'Uses')}
              <th>Built outside</th>
              <th />
            </tr>
          </thead>
          <tbody>
            {shown.map((box) => (
              <tr key={box.key} id={`box-${box.key}`} className={box.onHand <= 0 ? 'out' : ''}>
                <th scope="row">
                  <SizeField<3>
                    count={3}
                    id={`inside-${box.key}`}
                    label={`Inside of ${box.name}`}
                    value={box.insideIn}
                    onKeep={(insideIn) =>
                      insideIn &&
                      change(box.key, { insideIn, name: isCore(box) ? box.name : nameOf(insideIn, box), measuredOutsideIn: null })
                    }
                  />
                </th>
                <td>
                  <Select
                    aria-label={`Kind of ${box.name}`}
                    value={box.style}
                    options={[...STYLES]}
                    popupMatchSelectWidth={false}
                    onChange={(style) => change(box.key, { style })}
                  />
                </td>
                <td>
                  <Select
                    aria-label={`Board of ${box.name}`}
                    value={Object.entries(BOARD_GRADES).find(([, grade]) => grade.name === box.board.name)?.[0] ?? 'own'}
                    popupMatchSelectWidth={false}
                    options={[
                      ...Object.entries(BOARD_GRADES).map(([value, grade]) => ({ value, label: grade.name })),
                      ...(Object.values(BOARD_GRADES).some((grade) => grade.name === box.board.name)
                        ? []
                        : [{ value: 'own', label: box.board.name }]),
                    ]}
                    onChange={(grade) => grade !== 'own' && change(box.key, { board: BOARD_GRADES[grade as keyof typeof BOARD_GRADES] })}
                  />
                </td>
                <td>
                  <FigureField
                    hidden
                    id={`hand-${box.key}`}
                    label={`${box.name} on hand`}
                    kind="number"
                    value={box.onHand}
                    least={-10000}
                    most={1000000}
                    onKeep={(onHand) => change(box.key, { onHand: Math.round(onHand) })}
                  />
                </td>
                <td>
                  <FigureField
                    hidden
                    id={`price-${box.key}`}
                    label={`Price of ${box.name}`}
                    kind="money"
                    value={box.priceMinor}
                    least={0}
                    most={100000000}
                    onKeep={(priceMinor) => change(box.key, { priceMinor })}
                  />
                </td>
                <td>
                  <FigureField
                    hidden
                    id={`uses-${box.key}`}
                    label={`Earlier uses of ${box.name}`}
                    kind="number"
                    value={box.earlierUses}
                    least={0}
                    most={20}
                    onKeep={(uses) => change(box.key, { earlierUses: Math.round(uses) })}
                  />
                </td>
                <td>
                  <SizeField<3>
                    count={3}
                    id={`built-${box.key}`}
                    label={`Built outside of ${box.name}`}
                    value={box.measuredOutsideIn}
                    placeholder={`≈ ${write.size(builtOutsideIn(box))}`}
                    onKeep={(measuredOutsideIn) => change(box.key, { measuredOutsideIn })}
                  />
                </td>
                <td className="row-actions">
                  {!isCore(box) && (
                    <Button aria-label={`What would go into ${box.name}?`} onClick={() => setInHand(box)}>
                      fits?
                    </Button>
                  )}
                  <Button
                    type="text"
                    icon={<X size={20} aria-hidden />}
                    aria-label={`No longer keep ${box.name}`}
                    onClick={() => onChange(boxes.filter((one) => one.key !== box.key))}
                  />
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      <Button icon={<Plus size={20} aria-hidden />} onClick={add}>
        Another box
      </Button>
      {inHand && <BoxFits box={inHand} onClose={() => setInHand(null)} />}
    </>
  );
}

/** Named after its sides, with what the name said beyond them. */
const nameOf = (sides: readonly number[], { name }: BoxStock): string => {
  const [, ...more] = name.split(',');
  return [sides.map((side) => Number(side.toFixed(2))).join('×'), ...more].join(',');
};
