'use client';
import { Switch } from 'antd';
import { ORDINARY_LINER_BOARD, type Stockroom, type TapeStock } from '@inch-nest/core';
import { FigureField } from '../../parts/FigureField.tsx';
import { useShop } from '../../session/ShopContext.tsx';
import { measureOf } from '../../words/measures.ts';

/** The tape on layers, the tape on boxes, and board for a second wall. */
export function TapeTable({ stock, onChange }: { stock: Stockroom; onChange: (part: Partial<Stockroom>) => void }) {
  const { person } = useShop();
  const { innerTape, outerTape, linerBoard } = stock;
  const row = (says: string, tape: TapeStock, keep: (tape: TapeStock) => void) => (
    <tr>
      <th scope="row">{says}</th>
      <td>{tape.name}</td>
      <td>
        <FigureField
          hidden
          id={`tape-${tape.key}`}
          label={`Price of a foot of ${tape.name}`}
          kind="money"
          value={tape.minorPerFt}
          least={0}
          most={10_000}
          measure="perRun"
          onKeep={(minorPerFt) => keep({ ...tape, minorPerFt })}
        />
      </td>
      <td>
        <Switch aria-label={`${tape.name} comes off easily`} checked={tape.easyOff} onChange={(easyOff) => keep({ ...tape, easyOff })} />
      </td>
    </tr>
  );
  return (
    <table className="stock-table">
      <thead>
        <tr>
          <th>Where</th>
          <th>Tape</th>
          <th>Price {measureOf('perRun', person.system).unit}</th>
          <th>Easy off</th>
        </tr>
      </thead>
      <tbody>
        {row('On the layers', innerTape, (tape) => onChange({ innerTape: tape }))}
        {row('On the box', outerTape, (tape) => onChange({ outerTape: tape }))}
        <tr>
          <th scope="row">Sheet board, for a second wall or under a bundle</th>
          <td>{linerBoard ? linerBoard.board.name : 'none'}</td>
          <td>
            {linerBoard && (
              <>
                <FigureField
                  id="liner-price"
                  label={measureOf('perArea', person.system).unit}
                  kind="money"
                  value={linerBoard.minorPerFt2}
                  least={0}
                  most={10_000}
                  measure="perArea"
                  onKeep={(minorPerFt2) => onChange({ linerBoard: { ...linerBoard, minorPerFt2 } })}
                />
                <FigureField
                  id="board-left"
                  label={`left, ${measureOf('area', person.system).unit}`}
                  kind="number"
                  value={linerBoard.onHandFt2}
                  least={-100_000}
                  most={1_000_000}
                  measure="area"
                  onKeep={(onHandFt2) => onChange({ linerBoard: { ...linerBoard, onHandFt2 } })}
                />
              </>
            )}
          </td>
          <td>
            <Switch
              aria-label="There is sheet board"
              checked={linerBoard !== null}
              onChange={(has) => onChange({ linerBoard: has ? ORDINARY_LINER_BOARD : null })}
            />
          </td>
        </tr>
      </tbody>
    </table>
  );
}
