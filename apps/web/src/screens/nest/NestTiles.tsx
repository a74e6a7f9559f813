'use client';
import { Button, Select } from 'antd';
import { Minus, Plus } from 'lucide-react';
import { withTurns, type PlanChoice, type PlanDocument } from '@inch-nest/core';
import { writeTenths } from './writeTenths.ts';
import { useShop } from '../bench/ShopContext.tsx';
import type { NestUse } from '../bench/useNest.ts';

const GAP_STEP_IN = 0.25;
const ORIENTATION_WORDS: Readonly<Record<string, string>> = {
  '0,1,2': 'standing',
  '1,0,2': 'standing ⟳',
  '0,2,1': 'on back',
  '2,0,1': 'on back ⟳',
  '1,2,0': 'on side',
  '2,1,0': 'on side ⟳',
};

/** The nest piece by piece: turns, bedding, boxes and fill, each changed by hand. */
export function NestTiles({ plan, nest, choice }: { plan: PlanDocument; nest: NestUse; choice: PlanChoice }) {
  const { write, person } = useShop();
  const tenths = (inches: number) => writeTenths(inches, true, person.system);
  const { stock, order } = nest.request;
  const take = (part: Partial<PlanChoice>) => nest.take({ ...choice, ...part });
  const turns = (material: string, by: number) => {
    const now = choice.layers.find((layer) => layer.material === material)?.turns ?? 0;
    take({ layers: withTurns(choice.layers, stock.wraps, material, Math.max(0, Math.min(8, now + by))) });
  };
  const absent = stock.wraps.filter((wrap) => !choice.layers.some((layer) => layer.material === wrap.key));
  const misfit = new Map(nest.refusals.map((refusal) => [refusal.box.key, refusal.reason]));
  const boxOptions = stock.boxes.map((box) => {
    const why = choice.inner ? (box.onHand > 0 ? undefined : 'none left') : misfit.get(box.key);
    return {
      value: box.key,
      label: why ? `${box.name} — ${why}` : `${box.name} · ${box.onHand} left`,
      disabled: why !== undefined && box.key !== choice.box,
    };
  });
  const outer = plan.fills.find((fill) => fill.where === 'outer');
  const upright = order.pieces[0]?.keepUpright ?? false;
  return (
    <section className="tiles" aria-label="The nest">
      <h2 id="wrap" className="unseen">
        Wrap
      </h2>
      {plan.layers.map((layer) => (
        <div key={layer.key} className="tile" role="group" aria-label={layer.name}>
          <b>{layer.name}</b>
          <span className="amount-row">
            <span className="numeral amount">
              {layer.turns} <small>{layer.turns === 1 ? 'turn' : 'turns'}</small>
            </span>
            <Stepper
              label={`turns of ${layer.name}`}
              less={() => turns(layer.key, layer.turns <= 0.5 ? -layer.turns : layer.turns % 1 ? -0.5 : -1)}
              more={() => turns(layer.key, layer.turns % 1 ? 0.5 : 1)}
            />
          </span>
          <span className="detail">
            {layer.sheets} × {write.length(layer.lengthIn)} long{layer.short && <em> · not enough left</em>}
          </span>
        </div>
      ))}
      {absent.length > 0 && (
        <div className="tile">
          <b>Another layer</b>
          <Select
            aria-label="Another layer"
            value={null}
            placeholder="add …"
            popupMatchSelectWidth={false}
            options={absent.map((wrap) => ({ value: wrap.key, label: wrap.name }))}
            onChange={(material: string | null) => material && turns(material, 1)}
          />
        </div>
      )}
      <h2 id="box" className="unseen">
        Box
      </h2>
      <div className="tile" role="group" aria-label="Bedding below">
        <b>Bedding below</b>
        <span className="amount-row">
          <span className="numeral amount">{tenths(plan.gaps.bottom)}</span>
          <Stepper
            label="bedding below"
            less={() => take({ baseGapIn: Math.max(0, snap(plan.gaps.bottom, -1)) })}
            more={() => take({ baseGapIn: Math.min(plan.gaps.bottom + plan.gaps.top, snap(plan.gaps.bottom, 1)) })}
          />
        </span>
        <span className="detail">
          {tenths(plan.gaps.top)} on top, {tenths(Math.min(plan.gaps.left, plan.gaps.front))} at the sides
        </span>
      </div>
      <div className="tile" role="group" aria-label="Box">
        <b>Box</b>
        <Select
          aria-label="Box"
          className="big-select"
          value={choice.box}
          options={boxOptions}
          popupMatchSelectWidth={false}
          onChange={(box) => take({ box, newDepthIn: null, fill: choice.fill ?? stock.fills[0]?.key ?? null, baseGapIn: null })}
          labelRender={() => plan.box.name.split(',')[0]}
        />
        <span className="detail">
          built {write.size(plan.box.outsideIn)}
          {plan.box.builtGuessed ? ', reckoned' : ', measured'}
          {plan.box.newDepthIn !== null && `, cut down to ${write.length(plan.box.newDepthIn)}`}
          {plan.box.liner && ', with a second wall'}
        </span>
      </div>
      <div className="tile" role="group" aria-label="Inner box">
        <b>Inner box</b>
        <Select
          aria-label="Inner box"
          className="big-select"
          value={choice.inner?.box ?? 'none'}
          popupMatchSelectWidth={false}
          options={[
            { value: 'none', label: 'none' },
            ...stock.boxes
              .filter((box) => box.key !== choice.box)
              .map((box) => ({ value: box.key, label: `${box.name} · ${box.onHand} left` })),
          ]}
          onChange={(box) =>
            take({
              inner: box === 'none' ? null : { box, fill: choice.inner?.fill ?? choice.fill ?? stock.fills[0]!.key },
              baseGapIn: null,
            })
          }
        />
        {choice.inner ? (
          <Select
            aria-label="Fill of the inner box"
            value={choice.inner.fill}
            popupMatchSelectWidth={false}
            options={stock.fills.map((fill) => ({ value: fill.key, label: `${fill.name} inside` }))}
            onChange={(fill) => take({ inner: { box: choice.inner!.box, fill } })}
          />
        ) : (
          <span className="detail">bundle straight in the bedding</span>
        )}
      </div>
      <div className="tile" role="group" aria-label="How it lies">
        <b>How it lies</b>
        <Select
          aria-label="How it lies"
          className="big-select"
          value={choice.orientation.join()}
          popupMatchSelectWidth={false}
          options={Object.entries(ORIENTATION_WORDS)
            .filter(([key]) => !upright || key.endsWith('2'))
            .map(([value, label]) => ({ value, label }))}
          onChange={(value) => take({ orientation: value.split(',').map(Number) as unknown as PlanChoice['orientation'], baseGapIn: null })}
        />
        <span className="detail">{upright ? 'this way up only' : 'any way up'}</span>
      </div>
      <h2 id="fill" className="unseen">
        Fill
      </h2>
      {choice.fill !== null && (
        <div className="tile" role="group" aria-label="Fill">
          <b>Fill</b>
          <Select
            aria-label="Fill"
            className="big-select"
            value={choice.fill}
            popupMatchSelectWidth={false}
            options={stock.fills.map((fill) => ({ value: fill.key, label: fill.name }))}
            labelRender={({ label }) => String(label).split(',')[0]}
            onChange={(fill) => take({ fill })}
          />
          {outer && (
            <span className="detail">
              <b className="numeral">
                {outer.units} {outer.unitName}
                {outer.units === 1 ? '' : outer.unitName.endsWith('x') ? 'es' : 's'}
              </b>{' '}
              · {outer.boughtFt3.toFixed(1)} ft³{outer.short && <em> · not enough left</em>}
            </span>
          )}
        </div>
      )}
    </section>
  );
}

/** The next quarter inch up or down. */
const snap = (inches: number, way: 1 | -1): number =>
  (way > 0 ? Math.floor(inches / GAP_STEP_IN + 1 + 1e-9) : Math.ceil(inches / GAP_STEP_IN - 1 - 1e-9)) * GAP_STEP_IN;

function Stepper({ label, less, more }: { label: string; less: () => void; more: () => void }) {
  return (
    <span className="stepper">
      <Button icon={<Minus size={20} aria-hidden />} aria-label={`Less ${label}`} onClick={less} />
      <Button icon={<Plus size={20} aria-hidden />} aria-label={`More ${label}`} onClick={more} />
    </span>
  );
}
