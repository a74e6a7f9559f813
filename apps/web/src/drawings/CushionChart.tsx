import { scaleLinear, scaleLog } from 'd3-scale';
import { line } from 'd3-shape';
import { gAtLoad, softestOn, type CushionCurve } from '@inch-nest/core';

const EDGE = { left: 46, right: 16, top: 18, bottom: 38 };
const POINTS = 80;
/** Loads beyond the outermost marks that are still drawn, as a ratio. */
const BEYOND = 2.2;

/** A drop as it would have landed from the height and on the thickness the chart is drawn for. */
export interface ChartedDrop {
  readonly staticPsi: number;
  readonly g: number;
  readonly reaches: boolean;
}

interface Props {
  /** What it is like, and its own curve where its drops make one. */
  like: { readonly curve: CushionCurve; readonly name: string };
  own: CushionCurve | null;
  drops: readonly ChartedDrop[];
  heightIn: number;
  thicknessIn: number;
  /** One psi in the unit that loads are shown in, and its name. */
  load: { readonly of: number; readonly unit: string };
  width: number;
  height: number;
}

/** Cushion curves as the trade draws them: peak g over static stress, for one height and thickness, with the drops that were made. */
export function CushionChart({ like, own, drops, heightIn, thicknessIn, load, width, height }: Props) {
  const softest = (curve: CushionCurve) => softestOn(curve, heightIn, thicknessIn);
  const loads = [softest(like.curve).staticPsi, ...(own ? [softest(own).staticPsi] : []), ...drops.map(({ staticPsi }) => staticPsi)];
  const [least, most] = [Math.min(...loads) / BEYOND, Math.max(...loads) * BEYOND];
  const gOf = (curve: CushionCurve, psi: number) => gAtLoad(curve, psi, heightIn, thicknessIn);
  const shownTo = 1.7 * Math.max(...drops.map(({ g }) => g), softest(like.curve).g, own ? softest(own).g : 0);
  const x = scaleLog([least * load.of, most * load.of], [EDGE.left, width - EDGE.right]);
  const y = scaleLinear([0, shownTo], [height - EDGE.bottom, EDGE.top]).nice(5);
  const path = (curve: CushionCurve) =>
    line<number>(
      (psi) => x(psi * load.of),
      (psi) => y(gOf(curve, psi)),
    ).defined((psi) => gOf(curve, psi) <= y.domain()[1]!)(
      Array.from({ length: POINTS + 1 }, (_, i) => least * (most / least) ** (i / POINTS)),
    );
  const curves = [{ curve: like.curve, name: like.name, own: false }, ...(own ? [{ curve: own, name: 'its own', own: true }] : [])];
  return (
    <svg
      className="nest-drawing"
      width={width}
      height={height}
      viewBox={`0 0 ${width} ${height}`}
      role="img"
      aria-label={`Peak g over load. ${curves.map(({ curve, name }) => `${name}: at least ${Math.round(softest(curve).g)} g`).join('; ')}; ${drops.length} drops`}
    >
      {y.ticks(5).map((tick) => (
        <g key={tick}>
          <line x1={EDGE.left} x2={width - EDGE.right} y1={y(tick)} y2={y(tick)} style={{ stroke: 'var(--line)' }} />
          <text x={EDGE.left - 6} y={y(tick) + 5} textAnchor="end" fontSize={15}>
            {tick}
          </text>
        </g>
      ))}
      {x
        .ticks(4)
        .filter((tick) => /^[125]/.test(tick.toExponential()))
        .map((tick) => (
          <text key={tick} x={x(tick)} y={height - EDGE.bottom + 18} textAnchor="middle" fontSize={15}>
            {Number(tick.toPrecision(2))}
          </text>
        ))}
      <text x={4} y={14} fontSize={15} style={{ fill: 'var(--soft)' }}>
        g
      </text>
      <text x={width - EDGE.right} y={height - 3} textAnchor="end" fontSize={15} style={{ fill: 'var(--soft)' }}>
        {load.unit} of load
      </text>
      {curves.map(({ curve, name, own: isOwn }) => (
        <g key={name}>
          <path
            d={path(curve) ?? ''}
            style={{
              fill: 'none',
              stroke: isOwn ? 'var(--pine)' : 'var(--soft)',
              strokeWidth: isOwn ? 2.2 : 1.6,
              strokeDasharray: isOwn ? undefined : '6 4',
            }}
          />
          <text
            x={x(softest(curve).staticPsi * load.of)}
            y={y(softest(curve).g) + (isOwn === (!own || softest(own).g < softest(like.curve).g) ? 20 : -10)}
            textAnchor="middle"
            fontSize={15}
            style={{ fill: isOwn ? 'var(--pine)' : 'var(--soft)' }}
          >
            {name}
          </text>
        </g>
      ))}
      {drops.map(({ staticPsi, g, reaches }, i) => (
        <circle
          key={i}
          cx={x(staticPsi * load.of)}
          cy={y(Math.min(g, y.domain()[1]!))}
          r={5}
          style={{ fill: reaches ? 'var(--pine)' : 'var(--sheet)', stroke: 'var(--pine)', strokeWidth: 1.8 }}
        />
      ))}
    </svg>
  );
}
