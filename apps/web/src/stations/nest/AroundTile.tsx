import { goesAround, type AroundChoice, type PlanDocument } from '@inch-nest/core';
import type { NestUse } from '../../parcel/useNest.ts';
import { useShop } from '../../session/ShopContext.tsx';
import { Stepper } from './Stepper.tsx';
import { Tile, TileSelect } from './Tile.tsx';

const ONE_BY_ONE = 'one by one';
/** Turns go by halves, and nobody lays more round several. Common practice, no source. */
const TURNS = { step: 0.5, most: 6 };

/** What goes round all of several bundles, each in its own wrap: nothing, or some turns of a sheet. */
export function AroundTile({ plan: { around, choice }, nest }: { plan: PlanDocument; nest: NestUse }) {
  const { write } = useShop();
  const wraps = nest.request.stock.wraps.filter((wrap) => goesAround(wrap) && (wrap.onHandFt2 > 0 || wrap.key === choice.around?.material));
  const put = (next: AroundChoice | null) => nest.change(() => ({ around: next, baseGapIn: null }));
  const turned = (by: number) =>
    around && put({ material: around.material, turns: Math.min(TURNS.most, Math.max(TURNS.step, around.turns + by)) });
  return (
    <Tile name="Round them all" nest={nest} pin={({ around: now }) => ({ around: now ?? null })}>
      <TileSelect
        label="Round them all"
        value={around?.material ?? ONE_BY_ONE}
        options={[
          { value: ONE_BY_ONE, label: 'nothing: they go in one by one' },
          ...wraps.map(({ key, name }) => ({ value: key, label: `${name}, round all of them` })),
        ]}
        onChange={(material) => put(material === ONE_BY_ONE ? null : { material, turns: around?.turns ?? 1 })}
      />
      {around && (
        <>
          <span className="amount-row">
            <span className="amount">
              <b className="numeral">{around.turns}</b> {around.turns === 1 ? 'turn' : 'turns'}
            </span>
            <Stepper label="turns round them all" less={() => turned(-TURNS.step)} more={() => turned(TURNS.step)} />
          </span>
          <span className="detail">
            {around.sheets === 1 ? '1 piece' : `${around.sheets} pieces, each`} {write.tear(around.lengthIn)} long; they go in as one
          </span>
        </>
      )}
    </Tile>
  );
}
