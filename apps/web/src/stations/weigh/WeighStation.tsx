'use client';
import { Button, Checkbox, Input } from 'antd';
import { useEffect, useState } from 'react';
import { parseDimensions, formatWeight, parseWeight, type Triple } from '@inch-nest/core';
import { heldIn } from '@inch-nest/contracts';
import { useBenchLog } from '../../parcel/useBenchLog.ts';
import type { BenchUse } from '../../parcel/BenchContext.tsx';
import { useShop } from '../../session/ShopContext.tsx';
import type { NestUse } from '../../parcel/useNest.ts';
import { Onward } from '../../parcel/Onward.tsx';
import { Rejected } from '../../parcel/Rejected.tsx';
import { ScaleReading } from '../../devices/scale/ScaleReading.tsx';
import { LIKE_THIS } from '../../words/likeThis.ts';
import { weighingAdvice } from '../../words/weighingAdvice.ts';
import { titleOf } from '../../words/titleOf.ts';

const READINGS = 3;
const MOST_LB = 150;

/** Up to three readings of the closed parcel, against what was predicted. */
export function WeighStation({ parcel, nest }: BenchUse) {
  const { write, person } = useShop();
  const { view } = parcel;
  const log = useBenchLog(parcel);
  const { weighing } = log.life;
  const draftKey = `inch-nest-weigh-${view.id}`;
  const keptTexts = weighing ? [...weighing.readingsLb.map(write.weight), '', '', ''].slice(0, READINGS) : ['', '', ''];
  const [texts, setTexts] = useState(keptTexts);
  const [outside, setOutside] = useState(weighing?.outsideIn ? write.size(weighing.outsideIn) : '');
  const [open, setOpen] = useState(weighing?.open ?? false);
  const [dirty, setDirty] = useState(false);
  const [trouble, setTrouble] = useState<string | null>(null);
  useEffect(() => {
    const draft = localStorage.getItem(draftKey);
    if (!draft) return;
    const kept = JSON.parse(draft) as { texts: string[]; outside: string };
    setTexts(kept.texts);
    setOutside(kept.outside);
    setDirty(true);
  }, [draftKey]);
  const change = (next: string[], size: string) => {
    setTexts(next);
    setOutside(size);
    setDirty(true);
    localStorage.setItem(draftKey, JSON.stringify({ texts: next, outside: size }));
  };
  const readings = texts.map((text) => (text.trim() === '' ? null : readWeight(text, person.system)));
  const size = outside.trim() === '' ? null : readSize(outside, person.system);
  const wrong = readings.some((reading) => reading && 'problem' in reading) || (size !== null && 'problem' in size);
  const pounds = readings.flatMap((reading) => (reading && 'pounds' in reading ? [reading.pounds] : []));
  const keep = async () => {
    if (wrong || pounds.length === 0) return;
    setTrouble(null);
    // whoever has typed the last reading goes on from here
    (document.activeElement as HTMLElement | null)?.blur();
    try {
      await log.log({
        kind: 'weighed',
        readingsLb: pounds,
        outsideIn: size && 'inches' in size ? size.inches : null,
        ...(open ? { open } : {}),
      });
      localStorage.removeItem(draftKey);
      setDirty(false);
    } catch (error) {
      setTrouble(`not kept: ${(error as Error).message}`);
    }
  };
  const highest = pounds.length > 0 ? Math.max(...pounds) : null;
  /** What the scale says goes where nothing stands yet; after three it begins anew. */
  const fromScale = (read: number) => {
    const free = texts.findIndex((text) => text.trim() === '');
    const next = free < 0 ? [write.weight(read), '', ''] : texts.map((text, i) => (i === free ? write.weight(read) : text));
    change(next, outside);
  };
  const built = nest.plan?.box;
  const bulgeIn = built ? 0.5 * nest.request.house.overfillShare * built.insideIn[2] : 0;
  const writtenSize = size && 'inches' in size ? write.size(size.inches) : built ? write.size(built.outsideIn) : '';
  return (
    <form
      className="weigh"
      onSubmit={(event) => {
        event.preventDefault();
        void keep();
      }}
    >
      <h1 dir="auto">{titleOf(view)}</h1>
      <p className="soft sub">Put it on the scale three times. When readings differ, the highest counts.</p>
      <Rejected log={log} />
      <ScaleReading onSettled={fromScale} />
      <div className="readings-row">
        {texts.map((text, i) => {
          const reading = readings[i];
          const problem = reading && 'problem' in reading ? reading.problem : null;
          return (
            <div className="field" key={i}>
              <label htmlFor={`reading-${i}`}>Reading {i + 1}</label>
              <Input
                id={`reading-${i}`}
                size="large"
                className="numeral"
                value={text}
                placeholder={LIKE_THIS[person.system].weight}
                status={problem ? 'error' : ''}
                maxLength={60}
                aria-describedby={`reading-${i}-meaning`}
                onChange={(event) =>
                  change(
                    texts.map((one, j) => (j === i ? event.target.value : one)),
                    outside,
                  )
                }
              />
              <div id={`reading-${i}-meaning`} className={problem ? 'meaning wrong' : 'meaning'}>
                {problem ? `✗ ${problem}` : reading && 'pounds' in reading ? write.weight(reading.pounds) : ''}
              </div>
            </div>
          );
        })}
      </div>
      <div className="field">
        <label htmlFor="outside">Outside, as measured</label>
        <Input
          id="outside"
          value={outside}
          placeholder={nest.plan ? write.size(nest.plan.box.outsideIn) : LIKE_THIS[person.system].size}
          status={size && 'problem' in size ? 'error' : ''}
          maxLength={80}
          aria-describedby="outside-meaning"
          onChange={(event) => change(texts, event.target.value)}
        />
        <div id="outside-meaning" className={size && 'problem' in size ? 'meaning wrong' : 'meaning'}>
          {size && 'problem' in size
            ? `✗ ${size.problem}`
            : size
              ? write.size(size.inches)
              : built && bulgeIn > 0.05
                ? `left empty, the box as built is rated; the lid may bulge by ${write.length(bulgeIn)}`
                : 'left empty, the box as built is rated'}
        </div>
      </div>
      <Checkbox
        checked={open}
        onChange={(event) => {
          setOpen(event.target.checked);
          setDirty(true);
        }}
      >
        Weighed open, before lid and tape
      </Checkbox>
      <div className="act-row">
        <Button type="primary" htmlType="submit" size="large" disabled={wrong || pounds.length === 0 || !dirty}>
          {dirty || !weighing ? 'Keep this weight' : 'Kept'}
        </Button>
        <Onward parcelId={view.id} here="weigh" done={weighing !== null && !dirty} takesOver="onceDone" />
      </div>
      {trouble && (
        <p role="alert" className="risk">
          ✗ {trouble}
        </p>
      )}
      {highest !== null && <Memo weight={write.weight(highest)} size={writtenSize} />}
      {nest.plan && (
        <Against
          plan={nest.plan}
          highest={highest}
          spreadLb={pounds.length > 1 ? Math.max(...pounds) - Math.min(...pounds) : 0}
          accessories={heldIn(view).flatMap(({ piece }) => piece.accessories.value.map((one) => `${one.name}${one.count > 1 ? 's' : ''}`))}
        />
      )}
    </form>
  );
}

/** What is written on the box by hand. */
function Memo({ weight, size }: { weight: string; size: string }) {
  return (
    <p className="memo">
      Write on the box: <b className="numeral">{weight}</b>
      {size && (
        <>
          {', '}
          <b className="numeral">{size}</b>
        </>
      )}
    </p>
  );
}

/** The weighing beside the estimate and its parts. */
function Against({
  plan,
  highest,
  spreadLb,
  accessories,
}: {
  plan: NonNullable<NestUse['plan']>;
  highest: number | null;
  spreadLb: number;
  accessories: readonly string[];
}) {
  const { write } = useShop();
  const advice = highest === null ? null : weighingAdvice(highest, spreadLb, plan.weight, write, accessories);
  return (
    <section aria-label="Against the estimate">
      <h2>Against the estimate</h2>
      <p className="weigh-figures">
        <span className="numeral big">{highest === null ? '—' : write.weight(highest)}</span>
        <span className="soft">
          reckoned {write.weight(plan.weight.grossLb)} ± {write.weight(2 * plan.weight.plusMinusLb)}
        </span>
      </p>
      {advice && (
        <p className={advice.odd ? 'banner mind' : 'banner fine'} role="status">
          {advice.words}
        </p>
      )}
      <table className="parts">
        <thead>
          <tr>
            <th scope="col">Part</th>
            <th scope="col">Reckoned</th>
            <th scope="col">±</th>
          </tr>
        </thead>
        <tbody>
          {plan.weight.parts.map((part) => (
            <tr key={part.part}>
              <th scope="row">{part.part}</th>
              <td className="numeral">{write.weight(part.weightLb)}</td>
              <td className="numeral">{write.weight(part.plusMinusLb)}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}

function readWeight(text: string, system: 'imperial' | 'metric'): { pounds: number } | { problem: string } {
  const quantity = parseWeight(text, system);
  if (quantity.kind !== 'weight') return { problem: quantity.kind === 'notUnderstood' ? quantity.problem : 'a weight, please' };
  return quantity.pounds > MOST_LB
    ? { problem: `more than ${formatWeight(MOST_LB, system)} is no parcel here` }
    : { pounds: quantity.pounds };
}

function readSize(text: string, system: 'imperial' | 'metric'): { inches: Triple } | { problem: string } {
  const quantity = parseDimensions(text, system);
  if (quantity.kind !== 'dimensions') return { problem: quantity.kind === 'notUnderstood' ? quantity.problem : 'a size, please' };
  return quantity.inches.length === 3 ? { inches: quantity.inches as unknown as Triple } : { problem: 'all three sides, please' };
}
