'use client';
import { Button } from 'antd';
import { Trash2 } from 'lucide-react';
import { useState } from 'react';
import { offcutsFt2, type Offcut, type SheetBoard } from '@inch-nest/core';
import { MOST_OFFCUTS } from '@inch-nest/contracts';
import { FigureField } from '../../parts/FigureField.tsx';
import { useShop } from '../../session/ShopContext.tsx';
import { LIKE_THIS } from '../../words/likeThis.ts';
import { SizeField } from './SizeField.tsx';

/** The longer side first. */
const sized = (sides: readonly [number, number]) => ({ lengthIn: Math.max(...sides), widthIn: Math.min(...sides) });

/** Board that is left over from other parts, with its sizes: the box shop and the bench say which of them will do. */
export function OffcutTable({
  offcuts,
  sheet,
  onChange,
}: {
  offcuts: readonly Offcut[];
  sheet: SheetBoard;
  onChange: (offcuts: readonly Offcut[]) => void;
}) {
  const { person, write } = useShop();
  // a new line begins empty after each that was added
  const [added, setAdded] = useState(0);
  const put = (at: number, part: Partial<Offcut>) => onChange(offcuts.map((one, i) => (i === at ? { ...one, ...part } : one)));
  const nameOf = ({ lengthIn, widthIn }: Offcut) => `${write.length(lengthIn)} × ${write.length(widthIn)}`;
  const ft2 = offcutsFt2(offcuts);
  return (
    <section aria-labelledby="offcuts-head">
      <h2 id="offcuts-head">Offcuts of sheet board</h2>
      <p className="soft">
        {offcuts.length === 0
          ? 'None are noted. What is noted here is taken before a new sheet is cut.'
          : `Together ${write.area(ft2)} of the ${write.area(Math.max(sheet.onHandFt2, 0))} there are. They are taken before a new sheet is cut.`}
        {ft2 > sheet.onHandFt2 && ' That is more than is said to be left: count the board again.'}
      </p>
      <table className="stock-table">
        <thead>
          <tr>
            <th>Size</th>
            <th>How many</th>
            <th>
              <span className="unseen">Gone</span>
            </th>
          </tr>
        </thead>
        <tbody>
          {offcuts.map((offcut, i) => (
            <tr key={i}>
              <td>
                <SizeField<2>
                  count={2}
                  id={`offcut-${i}`}
                  label={`Size of offcut ${i + 1}`}
                  value={[offcut.lengthIn, offcut.widthIn]}
                  onKeep={(sides) => sides && put(i, sized(sides))}
                />
              </td>
              <td>
                <FigureField
                  hidden
                  id={`offcut-count-${i}`}
                  label={`How many of ${nameOf(offcut)}`}
                  kind="number"
                  value={offcut.count}
                  least={1}
                  most={999}
                  onKeep={(count) => put(i, { count: Math.round(count) })}
                />
              </td>
              <td>
                <Button
                  type="text"
                  icon={<Trash2 size={20} aria-hidden />}
                  aria-label={`No more of ${nameOf(offcut)}`}
                  onClick={() => onChange(offcuts.filter((_, at) => at !== i))}
                />
              </td>
            </tr>
          ))}
          {offcuts.length < MOST_OFFCUTS && (
            <tr>
              <td>
                <SizeField<2>
                  key={added}
                  count={2}
                  id="offcut-new"
                  label="Size of one more offcut"
                  placeholder={LIKE_THIS[person.system].sheet}
                  value={null}
                  onKeep={(sides) => {
                    if (!sides) return;
                    onChange([...offcuts, { ...sized(sides), count: 1 }]);
                    setAdded(added + 1);
                  }}
                />
              </td>
              <td className="soft" colSpan={2}>
                one more
              </td>
            </tr>
          )}
        </tbody>
      </table>
    </section>
  );
}
