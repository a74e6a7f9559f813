import { fillsInner, type PlanDocument } from '@inch-nest/core';
import { Dimension } from './Dimension.tsx';
import { FillPlaces } from './FillPlaces.tsx';
import { mainFill } from './fillPlacesIn.ts';
import { hatchFor } from './Hatches.tsx';
import { MoveBundles, type MoveBundle } from './MoveBundles.tsx';
import { aboveIn, type NestView, type ViewName } from './nestGeometry.ts';
import { SeenBundles } from './SeenBundles.tsx';
import { Pulls, type PullUse } from './Pulls.tsx';

const TITLES: Readonly<Record<ViewName, string>> = { above: 'From above', front: 'From the front', side: 'From the side' };
/** A gap narrower than this on the page has no room for its figure, px. */
const LEAST_FIGURE = 14;

interface Props {
  view: NestView;
  at: { x: number; y: number };
  /** Pixels an inch. */
  k: number;
  prefix: string;
  plan: PlanDocument;
  write: (inches: number, unit: boolean) => string;
  leastGapIn: number;
  pull: PullUse | null;
  /** Null where no bundle may be moved. */
  onMove: MoveBundle | null;
}

/** One section of the nest, to scale: walls, fill, inner box, layers, piece, and the figures round them. */
export function NestSection({ view, at, k, prefix, plan, write, leastGapIn, pull, onMove }: Props) {
  // a scale of d3 would bring its dates and colours into the first view for one product
  const scale = (inches: number) => inches * k;
  const wall = Math.max(3, scale(view.wallIn));
  const [w, h] = [scale(view.inside.w), scale(view.inside.h)];
  const box = (rect: { x: number; y: number; w: number; h: number }) => ({
    x: scale(rect.x),
    y: scale(rect.y),
    width: Math.max(0, scale(rect.w)),
    height: Math.max(0, scale(rect.h)),
  });
  const roundOf = ({ w: across }: { w: number }, of: { readonly round: boolean } | null = view.inner) =>
    of?.round ? { rx: scale(across) / 2 } : {};
  const cross = scale(view.crossIn);
  const fill = (key: string) => `url(#${prefix}-${hatchFor(key)})`;
  const outerFill = mainFill(plan);
  const innerFill = plan.fills.find(fillsInner);
  const gapTone = (gap: number) => (gap < leastGapIn - 1e-9 ? 'rust' : 'pine');
  const held = view.inner?.outside ?? view.block;
  const heldBox = box(held);
  return (
    <g transform={`translate(${at.x} ${at.y})`} className="nest-view" data-view={view.name}>
      <text x={-wall} y={-30 - scale(aboveIn(view))} fontSize={15} style={{ fill: 'var(--soft)' }}>
        {TITLES[view.name]}
      </text>
      <rect
        x={-wall}
        y={-wall - cross}
        width={w + 2 * wall}
        height={h + 2 * wall + cross}
        style={{ fill: fill('board'), stroke: 'var(--ink)', strokeWidth: 1.2 }}
      />
      <rect
        data-part="inside"
        width={w}
        height={h}
        style={{ fill: outerFill ? fill(outerFill.key) : 'var(--sheet)', stroke: 'var(--ink)', strokeWidth: 0.8 }}
      />
      <FillPlaces plan={plan} view={view} k={k} prefix={prefix} />
      {cross > 0 && (
        <g data-part="cross" style={{ stroke: 'var(--ink)', strokeWidth: 0.7 }}>
          <rect y={-cross} width={w} height={cross} style={{ fill: 'var(--sheet)' }} />
          <rect x={w / 2 - wall / 2} y={-cross} width={wall} height={cross} style={{ fill: fill('board') }} />
          <path d={`M0 0 V${-cross} M${w} 0 V${-cross} M0 ${-cross / 2} H${w}`} style={{ strokeDasharray: '4 3' }} />
          {cross > LEAST_FIGURE && (
            <Dimension x1={w * 0.25} y1={-cross} x2={w * 0.25} y2={0} text={`cross ${write(view.crossIn, false)}`} size={18} />
          )}
        </g>
      )}
      {view.tubes.map((tube, i) => (
        <rect
          key={`tube ${i}`}
          data-part="tube"
          {...box(tube)}
          rx={view.name === 'above' ? scale(tube.w) / 2 : 0}
          style={{ fill: fill('foamSheet'), stroke: 'var(--ink)', strokeWidth: 0.8 }}
        />
      ))}
      {view.inner && (
        <rect
          data-part="inner-box"
          {...box(view.inner.outside)}
          {...roundOf(view.inner.outside)}
          style={{ fill: fill('board'), stroke: 'var(--ink)', strokeWidth: 1 }}
        />
      )}
      {view.inner && (
        <rect
          {...box(view.inner.inside)}
          {...roundOf(view.inner.inside)}
          style={{ fill: innerFill ? fill(innerFill.key) : 'var(--sheet)', stroke: 'var(--ink)', strokeWidth: 0.7 }}
        />
      )}
      {view.around && (
        <rect
          data-part="around"
          {...box(view.around.outside)}
          rx={Math.min(8, scale(view.around.inside.x - view.around.outside.x))}
          style={{ fill: fill(view.around.key), stroke: 'var(--ink)', strokeWidth: 0.8 }}
        />
      )}
      {view.around && <rect {...box(view.around.inside)} style={{ fill: 'var(--sheet)', stroke: 'var(--ink)', strokeWidth: 0.5 }} />}
      {view.shared && (
        <>
          <rect
            data-part="shared-box"
            {...box(view.shared.outside)}
            {...roundOf(view.shared.outside, view.shared)}
            style={{ fill: fill('board'), stroke: 'var(--ink)', strokeWidth: 1 }}
          />
          <rect
            {...box(view.shared.inside)}
            {...roundOf(view.shared.inside, view.shared)}
            style={{ fill: fill(view.shared.fill), stroke: 'var(--ink)', strokeWidth: 0.7 }}
          />
        </>
      )}
      {view.cells.map((wallOfCell, i) => (
        <rect key={i} data-part="cell" {...box(wallOfCell)} style={{ fill: fill('board'), stroke: 'var(--ink)', strokeWidth: 0.5 }} />
      ))}
      {view.folds.map((fold, i) => (
        <rect
          key={`fold ${i}`}
          data-part="fold"
          {...box(fold)}
          rx={Math.min(4, (fold.upright ? scale(fold.w) : scale(fold.h)) / 2)}
          style={{ fill: fill(fold.key), stroke: 'var(--ink)', strokeWidth: 0.8 }}
        />
      ))}
      <SeenBundles plan={plan} name={view.name} k={k} prefix={prefix} />
      {(plan.piece.guessedSides || plan.piece.guessedWeight) && (
        <rect {...box(view.piece)} style={{ fill: 'none', stroke: 'var(--ochre)', strokeWidth: 1.6, strokeDasharray: '6 4' }} />
      )}
      <Dimension
        x1={0}
        y1={-wall - 10 - cross}
        x2={w}
        y2={-wall - 10 - cross}
        text={`${write(view.inside.w, true)}${view.name === 'above' ? ' inside' : ''}`}
      />
      <Dimension x1={-wall - 11} y1={0} x2={-wall - 11} y2={h} text={write(view.inside.h, false)} />
      {scale(view.gaps.left) > LEAST_FIGURE && (
        <Dimension
          x1={0}
          y1={h * 0.86}
          x2={heldBox.x}
          y2={h * 0.86}
          text={write(view.gaps.left, false)}
          tone={gapTone(view.gaps.left)}
          size={18}
        />
      )}
      {scale(view.gaps.top) > LEAST_FIGURE && (
        <Dimension x1={w / 2} y1={0} x2={w / 2} y2={heldBox.y} text={write(view.gaps.top, false)} tone={gapTone(view.gaps.top)} size={18} />
      )}
      {view.name !== 'above' && scale(view.gaps.bottom) > LEAST_FIGURE && (
        <Dimension
          x1={w * 0.62}
          y1={heldBox.y + heldBox.height}
          x2={w * 0.62}
          y2={h}
          text={write(view.gaps.bottom, false)}
          tone={gapTone(view.gaps.bottom)}
          size={18}
        />
      )}
      {pull && <Pulls view={view} k={k} wall={wall} held={heldBox} nowIn={plan.box.insideIn} pull={pull} write={write} />}
      {onMove && <MoveBundles plan={plan} name={view.name} k={k} onMove={onMove} />}
    </g>
  );
}
