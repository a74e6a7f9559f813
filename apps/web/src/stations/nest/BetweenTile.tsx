import {
  isPair,
  mayBeFolded,
  MOST_FOLDS,
  neighboursOfPlan,
  planBundles,
  sheetThicknessIn,
  type FoldChoice,
  type PlanDocument,
} from '@inch-nest/core';
import type { NestUse } from '../../parcel/useNest.ts';
import { useShop } from '../../session/ShopContext.tsx';
import { lettersOf } from '../../words/wrapWords.ts';
import { Tile, TileSelect } from './Tile.tsx';

/** About so thick a fold is offered, inches. */
const THICK_IN = [0.5, 1, 2];
const TOUCHING = 'touching';

const nameOf = ({ material, folds }: Pick<FoldChoice, 'material' | 'folds'>): string => `${material} ${folds}`;

/** What stands between different bundles, two by two: their wraps alone, or a fold of something that cushions. */
export function BetweenTile({ plan, nest }: { plan: PlanDocument; nest: NestUse }) {
  const { write } = useShop();
  const letters = lettersOf(planBundles(plan));
  const chosen = plan.choice.between ?? [];
  const { wraps } = nest.request.stock;
  const offered = wraps
    .filter((wrap) => mayBeFolded(wrap) && (wrap.onHandFt2 > 0 || chosen.some(({ material }) => material === wrap.key)))
    .flatMap((wrap) => {
      const one = sheetThicknessIn(wrap);
      const counts = THICK_IN.map((thickIn) => Math.max(1, Math.round(thickIn / one))).filter((folds) => folds <= MOST_FOLDS);
      const own = chosen.flatMap(({ material, folds }) => (material === wrap.key ? [folds] : []));
      return [...new Set([...counts, ...own])]
        .sort((a, b) => a - b)
        .map((folds) => ({
          material: wrap.key,
          folds,
          label: `${write.length(folds * one)} of ${wrap.name.toLowerCase()}, folded ${folds} thick`,
        }));
    });
  const put = (pair: FoldChoice['pair'], value: string) => {
    const others = chosen.filter((one) => !isPair(one.pair, pair));
    const taken = offered.find((one) => nameOf(one) === value);
    nest.change(() => ({
      between: taken ? [...others, { pair, material: taken.material, folds: taken.folds }] : others,
      baseGapIn: null,
    }));
  };
  return (
    <Tile name="Between them" nest={nest} pin={({ between }) => ({ between: between ?? [] })}>
      {neighboursOfPlan(plan).map((pair) => {
        const [one, other] = pair.map((at) => letters[at]!);
        const own = chosen.find((fold) => isPair(fold.pair, pair));
        return (
          <span key={pair.join()} className="fill-place">
            <span className="detail" aria-hidden>
              {one} and {other}
            </span>
            <TileSelect
              label={`Between ${one} and ${other}`}
              value={own ? nameOf(own) : TOUCHING}
              options={[
                { value: TOUCHING, label: 'wraps touching' },
                ...offered.map((fold) => ({ value: nameOf(fold), label: fold.label })),
              ]}
              onChange={(value) => put(pair, value)}
            />
          </span>
        );
      })}
    </Tile>
  );
}
