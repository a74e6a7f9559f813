'use client';
import { Switch } from 'antd';
import { ORDINARY_LINER_BOARD, type Stockroom, type TapeStock } from '@inch-nest/core';
import { FigureField } from '../../parts/FigureField.tsx';

/** The tape on layers, the tape on boxes, and board for a second wall. */
export function TapeTable({ stock, onChange }: { stock: Stockroom; onChange: (part: Partial<Stockroom>) => void }) {
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
          <th>A foot</th>
          <th>Easy off</th>
        </tr>
      </thead>
      <tbody>
        {row('On the layers', innerTape, (tape) => onChange({ innerTape: tape }))}
        {row('On the box', outerTape, (tape) => onChange({ outerTape: tape }))}
        <tr>
          <th scope="row">Board for a second wall</th>
          <td>{linerBoard ? linerBoard.board.name : 'none'}</td>
          <td>
            {linerBoard && (
              <FigureField
                hidden
                id="liner-price"
                label="Price of a square foot of board"
                kind="money"
                value={linerBoard.minorPerFt2}
                least={0}
                most={10_000}
                onKeep={(minorPerFt2) => onChange({ linerBoard: { ...linerBoard, minorPerFt2 } })}
              />
            )}
          </td>
          <td>
            <Switch
              aria-label="There is board for a second wall"
              checked={linerBoard !== null}
              onChange={(has) => onChange({ linerBoard: has ? ORDINARY_LINER_BOARD : null })}
            />
          </td>
        </tr>
      </tbody>
    </table>
  );
}
