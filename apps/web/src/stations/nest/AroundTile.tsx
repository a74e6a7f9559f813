import { Checkbox } from 'antd';
import { goesAround, planBundles, type AroundChoice, type PlanDocument } from '@inch-nest/core';
import type { NestUse } from '../../parcel/useNest.ts';
import { useShop } from '../../session/ShopContext.tsx';
import { lettersOf } from '../../words/wrapWords.ts';
import { Stepper } from './Stepper.tsx';
import { Tile, TileSelect } from './Tile.tsx';

const ONE_BY_ONE = 'one by one';
/** Turns go by halves, and nobody lays more round several. Common practice, no source. */
const TURNS = { step: 0.5, most: 6 };

/** What goes round several bundles, each in its own wrap: nothing, or some turns of a sheet, round all of them or round some. */
export function AroundTile({ plan, nest }: { plan: PlanDocument; nest: NestUse }) {
  const { around, choice } = plan;
  const { write } = useShop();
  const bundles = planBundles(plan);
  const letters = lettersOf(bundles);
  const every = letters.map((_, at) => at);
  const wraps = nest.request.stock.wraps.filter((wrap) => goesAround(wrap) && (wrap.onHandFt2 > 0 || wrap.key === choice.around?.material));
  // some are wrapped together or some share a box, not both
  const put = (next: AroundChoice | null) =>
    nest.change(({ shared }) => ({ around: next, baseGapIn: null, ...(next?.of && shared ? { shared: null } : {}) }));
  const now = choice.around;
  const turned = (by: number) => now && put({ ...now, turns: Math.min(TURNS.most, Math.max(TURNS.step, now.turns + by)) });
  // one alone is not wrapped together: nothing is chosen above
  const wind = (of: number[]) => {
    if (!now || of.reduce((sum, at) => sum + bundles[at]!.block.at.length, 0) < 2) return;
    const { of: _, ...all } = now;
    put(of.length === every.length ? all : { ...all, of: [...of].sort((a, b) => a - b) });
  };
  return (
    <Tile name="Wrapped together" nest={nest} pin={({ around: pinned }) => ({ around: pinned ?? null })}>
      <TileSelect
        label="Wrapped together"
        value={around?.material ?? ONE_BY_ONE}
        options={[
          { value: ONE_BY_ONE, label: 'nothing: they go in one by one' },
          ...wraps.map(({ key, name }) => ({ value: key, label: name })),
        ]}
        onChange={(material) => put(material === ONE_BY_ONE ? null : { turns: 1, ...now, material })}
      />
      {around && letters.length > 1 && (
        <Checkbox.Group<number>
          className="round-which"
          aria-label="Which are wrapped together"
          value={[...(around.of ?? every)]}
          options={letters.map((label, value) => ({ label, value }))}
          onChange={wind}
        />
      )}
      {around && (
        <>
          <span className="amount-row">
            <span className="amount">
              <b className="numeral">{around.turns}</b> {around.turns === 1 ? 'turn' : 'turns'}
            </span>
            <Stepper label="turns round them" less={() => turned(-TURNS.step)} more={() => turned(TURNS.step)} />
          </span>
          <span className="detail">
            {around.sheets === 1 ? '1 piece' : `${around.sheets} pieces, each`} {write.tear(around.lengthIn)} long; they go in as one
          </span>
        </>
      )}
    </Tile>
  );
}
