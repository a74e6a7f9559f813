import { useId } from 'react';
import { ALL_PLACES, boxFaceOf, planOfBundle, type FillPlace, type PlanDocument, type StepPicture } from '@inch-nest/core';
import { Dimension } from './Dimension.tsx';
import { FillPlaces } from './FillPlaces.tsx';
import { mainFill } from './fillPlacesIn.ts';
import { hatchFor, Hatches } from './Hatches.tsx';
import { nestView, VIEW_AXES, type Rect, type ViewName } from './nestGeometry.ts';
import { SeenBundles } from './SeenBundles.tsx';
import { filledTo, wrappedSoFar } from './stepParts.ts';

const EDGE = { left: 44, top: 34, right: 16, bottom: 12 };
const MOST_HEIGHT = 210;
const MOST_SCALE = 24;
const FILLED_SO_FAR: Readonly<Record<StepPicture['inBox'], readonly FillPlace[]>> = {
  no: [],
  base: ['base'],
  in: ['base'],
  sides: ALL_PLACES.filter((place) => place !== 'top'),
  top: ALL_PLACES,
};

/** Views in which a face of the box lies on an edge. */
const SEEN_FROM = { left: 'front', right: 'front', top: 'front', bottom: 'front', front: 'side', back: 'side' } as const;
/** Room that the words for a side take beside a drawing, px. */
const SIDE_ROOM = 130;
const SIDE_WORDS: Readonly<Record<ViewName, string>> = { front: 'from the front', side: 'from the right side', above: 'from above' };

/**
 * Where a bundle on the bench is looked at from: where the part the step is about sticks out, else where it shows most of itself, a
 * stack its edges.
 */
export function benchView({ choice, bundleIn, block }: PlanDocument, { about }: StepPicture): ViewName {
  if (about) return SEEN_FROM[boxFaceOf({ face: about }, choice.orientation)];
  const shows = (name: ViewName) => VIEW_AXES[name].reduce<number>((area, axis) => area * bundleIn[axis], 1);
  const views = (['front', 'side', 'above'] as const).filter(
    (name) => block.stackedAlong === undefined || VIEW_AXES[name].includes(block.stackedAlong),
  );
  return views.reduce<ViewName>((best, name) => (shows(name) > shows(best) + 1e-9 ? name : best), views[0]!);
}

/** How far a step has brought things, to scale: the bundle as wrapped so far, or the box as filled so far. */
export function StepDrawing({
  plan,
  picture,
  bundle = 0,
  width,
  write,
}: {
  plan: PlanDocument;
  picture: StepPicture;
  /** Which of several different bundles is wrapped. */
  bundle?: number;
  width: number;
  write: (inches: number, unit: boolean) => string;
}) {
  const prefix = useId().replaceAll(':', '');
  const inBox = picture.inBox !== 'no';
  const shown = inBox ? plan : wrappedSoFar(planOfBundle(plan, bundle), picture.layers, picture.inOwnBox);
  // several that go in one after the other are seen from above, where none hides another
  const name = !inBox ? benchView(shown, picture) : picture.inBox === 'in' && picture.put ? 'above' : 'front';
  const view = nestView(shown, name);
  const k = Math.min(MOST_SCALE, (width - EDGE.left - EDGE.right) / view.inside.w, MOST_HEIGHT / view.inside.h);
  const [w, h] = [view.inside.w * k, view.inside.h * k];
  const hatch = (key: string) => `url(#${prefix}-${hatchFor(key)})`;
  const box = (rect: Rect) => ({ x: rect.x * k, y: rect.y * k, width: Math.max(0, rect.w * k), height: Math.max(0, rect.h * k) });
  const fill = mainFill(plan);
  const isIn = !inBox || picture.inBox !== 'base';
  return (
    <svg
      className="nest-drawing step-drawing"
      width={width}
      height={h + EDGE.top + EDGE.bottom}
      viewBox={`0 0 ${width} ${h + EDGE.top + EDGE.bottom}`}
      role="img"
      aria-label={`${words(planOfBundle(plan, bundle), picture)}, ${SIDE_WORDS[name]}`}
      data-scale={k}
    >
      <Hatches prefix={prefix} />
      <g transform={`translate(${EDGE.left} ${EDGE.top})`}>
        {inBox && (
          <>
            <rect x={-5} y={-5} width={w + 10} height={h + 10} style={{ fill: hatch('board'), stroke: 'var(--ink)' }} />
            <rect width={w} height={h} style={{ fill: 'var(--sheet)', stroke: 'var(--ink)' }} />
            {fill?.places && <FillPlaces plan={plan} view={view} k={k} prefix={prefix} only={FILLED_SO_FAR[picture.inBox]} />}
            {fill && !fill.places && (
              <rect
                data-part="fill"
                {...box(name === 'above' ? { x: 0, y: 0, ...view.inside } : filledTo(view, picture.inBox))}
                style={{ fill: hatch(fill.key), stroke: 'var(--ink)', strokeWidth: 0.6 }}
              />
            )}
          </>
        )}
        {isIn && view.inner && <rect {...box(view.inner.outside)} style={{ fill: 'var(--sheet)', stroke: 'var(--ink)', strokeWidth: 3 }} />}
        {isIn && inBox && view.shared && isIncluded(plan, picture) && (
          <rect
            data-part="shared-box"
            {...box(view.shared.outside)}
            style={{ fill: hatch(view.shared.fill), stroke: 'var(--ink)', strokeWidth: 3 }}
          />
        )}
        {isIn && <SeenBundles plan={shown} name={name} k={k} prefix={prefix} only={inBox ? picture.put : undefined} />}
        {name !== 'front' && (
          <text
            y={-24}
            // beside the measure where there is room, else at the end of it
            {...(EDGE.left + w + SIDE_ROOM <= width ? { x: w + 8 } : { x: w, textAnchor: 'end' })}
            style={{ fill: 'var(--soft)', fontSize: 14 }}
          >
            {SIDE_WORDS[name]}
          </text>
        )}
        <Dimension x1={0} x2={w} y1={-14} y2={-14} text={write(view.inside.w, true)} />
        <Dimension x1={-18} x2={-18} y1={0} y2={h} text={write(view.inside.h, true)} />
      </g>
    </svg>
  );
}

/** True once the box that some share is in. */
const isIncluded = ({ shared }: PlanDocument, { put }: StepPicture): boolean =>
  !put || (shared?.of.some((at) => put.includes(at)) ?? false);

function words({ layers, box }: PlanDocument, picture: StepPicture): string {
  if (picture.inOwnBox) return 'the bundle in its own box';
  if (picture.inBox === 'no')
    return picture.layers === 0 ? 'the piece, bare' : `the piece in ${layers[picture.layers - 1]?.name ?? 'its wrap'}`;
  return `${box.name}, filled ${{ base: 'at its base', in: 'at its base, the bundle in it', sides: 'to the top of the bundle', top: 'to the rim' }[picture.inBox]}`;
}
