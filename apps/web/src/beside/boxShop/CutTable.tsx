'use client';
import { Button, Segmented, Select } from 'antd';
import { useRef } from 'react';
import { BOARD_GRADES, FACES, GUARD_CUTS, formatCaliper, withScraps, type CutKind, type CutOrder, type Face } from '@inch-nest/core';
import { CutSheet } from '../../drawings/CutSheet.tsx';
import { CutFromThem } from '../../parts/CutFromThem.tsx';
import { FigureField } from '../../parts/FigureField.tsx';
import { fromOffcuts } from '../../parts/FromOffcuts.tsx';
import { useWidth } from '../../parts/useWidth.ts';
import { useShop } from '../../session/ShopContext.tsx';
import { cutName } from '../../words/cutNames.ts';
import { COLLAR_FIELDS, CUT_KINDS, figureAt, forBox, gradeWith, ofKind, ownCaliper, withFigure, type CutField } from './cutKinds.ts';
import { sumsOf, type CutSums } from './cutFigures.ts';
import { BoxFolded } from './BoxFolded.tsx';
import { ownFigures } from './ownFigures.ts';

/** One order: its kind, its figures, how it is cut and what it comes to. */
export function CutTable({ order, onChange: take }: { order: CutOrder; onChange: (order: CutOrder) => void }) {
  const { shop, person } = useShop();
  const { stock, house } = shop;
  const caliperIn = ownCaliper(stock);
  const sums = sumsOf(order, stock.linerBoard, house);
  const says = CUT_KINDS[order.kind];
  return (
    <>
      <div className="cut-kinds">
        <label htmlFor="cut-kind" className="label">
          What is to be made
        </label>
        <Select<CutKind>
          id="cut-kind"
          size="large"
          value={order.kind}
          options={(Object.keys(CUT_KINDS) as CutKind[]).map((kind) => ({ value: kind, label: CUT_KINDS[kind].name }))}
          onChange={(kind) => take(ofKind(kind, order, caliperIn))}
        />
        {!GUARD_CUTS.includes(order.kind) && (
          <>
            <label htmlFor="cut-box" className="label">
              For a box in stock
            </label>
            <Select<string>
              id="cut-box"
              size="large"
              value={null}
              placeholder="or type its sizes"
              showSearch={{ optionFilterProp: 'label' }}
              options={stock.boxes.filter(({ style }) => style === 'slotted').map(({ key, name }) => ({ value: key, label: name }))}
              onChange={(key) =>
                take(
                  forBox(
                    order,
                    stock.boxes.find((box) => box.key === key)!,
                  ),
                )
              }
            />
          </>
        )}
      </div>
      <p className="soft">{says.says}</p>
      <div className="cut-fields">
        {order.kind === 'collar' && (
          <Segmented
            aria-label="What it goes over"
            value={order.run === undefined ? 'hoop' : 'run'}
            options={[
              { value: 'run', label: 'a straight part' },
              { value: 'hoop', label: 'a hoop' },
            ]}
            onChange={(over) =>
              take(
                over === 'run'
                  ? { kind: 'collar', run: 6, diameter: order.diameter, bore: order.bore }
                  : { kind: 'collar', radius: 3, degrees: 180, diameter: order.diameter, bore: order.bore },
              )
            }
          />
        )}
        {fieldsOf(order).map((field) => (
          <FigureField
            key={field.path}
            id={`cut-${field.path.replace('/', '-')}`}
            label={field.label}
            kind={field.kind}
            value={figureAt(order, field.path)}
            least={field.least}
            most={field.most}
            onKeep={(value) => take(withFigure(order, field.path, field.kind === 'number' ? Math.round(value) : value))}
          />
        ))}
        {order.kind === 'shorten' && (
          <Segmented<'length' | 'width'>
            aria-label="Which side"
            value={order.side}
            options={[
              { value: 'length', label: 'its length' },
              { value: 'width', label: 'its width' },
            ]}
            onChange={(side) => take({ ...order, side, new: Math.round(order.box[side === 'length' ? 0 : 1] * 3) / 4 })}
          />
        )}
        {order.kind === 'liner' && (
          <span className="figure-field">
            <label htmlFor="cut-faces">Faces</label>
            <Select<Face[]>
              id="cut-faces"
              mode="multiple"
              value={[...order.faces]}
              options={FACES.map((face) => ({ value: face, label: face }))}
              onChange={(faces) => faces.length > 0 && take({ ...order, faces })}
            />
          </span>
        )}
        {'caliper' in order && (
          <span className="figure-field">
            <label htmlFor="cut-board">Board</label>
            <Select<string>
              id="cut-board"
              value={gradeWith(order.caliper)?.[0] ?? 'own'}
              options={[
                ...Object.entries(BOARD_GRADES).map(([key, grade]) => ({
                  value: key,
                  label: `${grade.name}, ${formatCaliper(grade.caliperIn, person.system)} thick`,
                })),
                ...(gradeWith(order.caliper) ? [] : [{ value: 'own', label: `${formatCaliper(order.caliper, person.system)} thick` }]),
              ]}
              onChange={(key) => key !== 'own' && take({ ...order, caliper: BOARD_GRADES[key as keyof typeof BOARD_GRADES].caliperIn })}
            />
          </span>
        )}
      </div>
      {typeof sums === 'string' ? (
        <p className="banner wrong" role="alert">
          <b>That cannot be cut:</b> {sums}.
        </p>
      ) : (
        <Made order={order} sums={sums} />
      )}
    </>
  );
}

function Made({ order, sums: { work, boardFt2, wasteFt2, minutes, costMinor, bearsLbf } }: { order: CutOrder; sums: CutSums }) {
  const { shop, write } = useShop();
  const frame = useRef<HTMLDivElement>(null);
  const width = useWidth(frame);
  const { linerBoard } = shop.stock;
  const query = encodeURIComponent(JSON.stringify(order));
  const used = fromOffcuts([{ order, times: 1 }], shop.stock);
  const short = boardFt2 > 0 && linerBoard !== null && withScraps(boardFt2) > linerBoard.onHandFt2;
  return (
    <>
      <div ref={frame} className="cut-frame">
        {width > 0 && <CutSheet parts={work.parts} width={width} write={write.length} />}
      </div>
      <p className="cut-acts">
        <a className="print-due" href={`/api/boxshop?as=pdf&order=${query}`} target="_blank" rel="noreferrer">
          Print, full size where it fits
        </a>
        <Button href={`/api/boxshop?as=svg&order=${query}`}>SVG</Button>
        <Button href={`/api/boxshop?as=dxf&order=${query}`}>DXF</Button>
        {order.kind === 'wrapAround' && <BoxFolded order={order} />}
      </p>
      {used && <CutFromThem key={query} used={used} />}
      <dl className="cut-figures">
        {work.parts.map((part) => (
          <Figure key={part.name} says={cutName(part)} value={`${write.length(part.lengthIn)} × ${write.length(part.heightIn)}`} />
        ))}
        {ownFigures(work, write.length, write.size).map(([says, value]) => (
          <Figure key={says} says={says} value={value} />
        ))}
        {work.insideIn && <Figure says="inside afterwards" value={write.size(work.insideIn)} />}
        {work.outsideIn && <Figure says="outside afterwards" value={write.size(work.outsideIn)} />}
        {boardFt2 > 0 && <Figure says="sheet board" value={`${write.area(boardFt2)}${short ? ', more than there is' : ''}`} />}
        {wasteFt2 > 0 && <Figure says="falls off" value={write.area(wasteFt2)} />}
        {bearsLbf && (
          <Figure
            says="bears on end"
            value={
              bearsLbf.before === null
                ? `about ${write.weight(Math.round(bearsLbf.after))}`
                : Math.abs(bearsLbf.after / bearsLbf.before - 1) < 0.005
                  ? `as much as before, about ${write.weight(Math.round(bearsLbf.after))}`
                  : `about ${write.weight(Math.round(bearsLbf.after))} instead of ${write.weight(Math.round(bearsLbf.before))}`
            }
          />
        )}
        <Figure says="takes" value={`${Number(minutes.toFixed(2))} min`} />
        <Figure says={linerBoard || boardFt2 === 0 ? 'costs' : 'costs, the board not counted'} value={write.money(costMinor)} />
      </dl>
    </>
  );
}

const Figure = ({ says, value }: { says: string; value: string }) => (
  <div>
    <dt>{says}</dt>
    <dd className="numeral">{value}</dd>
  </div>
);

const fieldsOf = (order: CutOrder): readonly CutField[] =>
  order.kind === 'collar'
    ? [...COLLAR_FIELDS[order.run === undefined ? 'hoop' : 'run'], ...CUT_KINDS.collar.fields]
    : CUT_KINDS[order.kind].fields;
