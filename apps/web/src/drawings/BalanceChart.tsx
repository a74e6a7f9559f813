'use client';
import { scaleLinear, scaleLog } from 'd3-scale';
import { line } from 'd3-shape';
import { useId, type PointerEvent } from 'react';
import { formatChance, type PlanDocument } from '@inch-nest/core';

const HEIGHT = 300;
const EDGE = { left: 84, right: 16, top: 14, bottom: 46 };
const LINE_POINTS = 60;

interface Props {
  width: number;
  /** Those that can be taken, by cost: the frontier and the recommended one, which may stand off it with cover bought. */
  plans: readonly PlanDocument[];
  frontier: readonly PlanDocument[];
  /** Cost and chance of plans behind the frontier. */
  met: readonly (readonly [number, number])[];
  recommended: PlanDocument;
  /** The nest in hand where it is another than the recommended one. */
  inHand: PlanDocument | null;
  /** The plan the care line touches. */
  leaning: PlanDocument;
  pointed: PlanDocument | null;
  care: number;
  /** Chance above which a nest is recommended only where none is below it. */
  ceiling: number;
  /** Nests with a box nobody has. */
  outside?: readonly { readonly nestCostMinor: number; readonly chance: number; readonly word: string }[];
  money: (minor: number) => string;
  onPoint: (plan: PlanDocument) => void;
  onTake: (plan: PlanDocument) => void;
  onKey: (by: number) => void;
}

/** Cost across, chance of breakage up on a log scale, every plan a dot, the frontier a line, the care line leaning on it. */
export function BalanceChart(props: Props) {
  const { width, plans, frontier, met, recommended, inHand, leaning, pointed, care, ceiling, outside = [], money } = props;
  const clip = useId().replaceAll(':', '');
  const marked = [...plans, ...(inHand ? [inHand] : []), ...outside];
  const costs = marked.map((plan) => plan.nestCostMinor);
  const chances = marked.map((plan) => plan.chance);
  const span = Math.max(...costs) - Math.min(...costs) || 100;
  const x = scaleLinear([Math.min(...costs) - span * 0.08, Math.max(...costs) + span * 0.12], [EDGE.left, width - EDGE.right]);
  const y = scaleLog(
    [Math.max(1e-7, Math.min(...chances) / 1.6), Math.min(1, Math.max(...chances) * 1.6)],
    [HEIGHT - EDGE.bottom, EDGE.top],
  );
  // along it cost + care × loss × chance stays what it is at the plan leaned on
  const perChance = (leaning.riskMinor / leaning.chance) * care;
  const [low, high] = x.domain() as [number, number];
  const careLine = Array.from({ length: LINE_POINTS + 1 }, (_, i): [number, number] => {
    const cost = low + ((high - low) * i) / LINE_POINTS;
    return [cost, leaning.chance + (leaning.nestCostMinor - cost) / perChance];
  }).filter(([, chance]) => chance > y.domain()[0]! / 4);
  const path = (points: readonly (readonly [number, number])[]) =>
    line<readonly [number, number]>(
      ([cost]) => x(cost),
      ([, chance]) => y(Math.max(1e-9, chance)),
    )([...points]) ?? '';
  const near = (event: PointerEvent<SVGSVGElement>): PlanDocument => {
    const box = event.currentTarget.getBoundingClientRect();
    const [px, py] = [((event.clientX - box.left) * width) / box.width, ((event.clientY - box.top) * HEIGHT) / box.height];
    const far = (plan: PlanDocument) => (x(plan.nestCostMinor) - px) ** 2 + (y(plan.chance) - py) ** 2;
    return plans.reduce((best, plan) => (far(plan) < far(best) ? plan : best));
  };
  const key = (event: React.KeyboardEvent) => {
    const by = { ArrowLeft: -1, ArrowDown: 1, ArrowRight: 1, ArrowUp: -1 }[event.key];
    if (by) {
      event.preventDefault();
      props.onKey(by);
    } else if (event.key === 'Enter' && pointed) props.onTake(pointed);
  };
  return (
    <svg
      className="balance-chart"
      width={width}
      height={HEIGHT}
      viewBox={`0 0 ${width} ${HEIGHT}`}
      role="application"
      tabIndex={0}
      aria-label={`Balance: ${plans.length} plans from ${money(plans[0]!.nestCostMinor)}, ${formatChance(plans[0]!.chance)}, to ${money(plans.at(-1)!.nestCostMinor)}, ${formatChance(plans.at(-1)!.chance)}. Arrow keys go along them, Enter takes one.`}
      onPointerMove={(event) => props.onPoint(near(event))}
      onClick={(event) => props.onTake(near(event as unknown as PointerEvent<SVGSVGElement>))}
      onKeyDown={key}
    >
      <defs>
        <clipPath id={clip}>
          <rect x={EDGE.left} y={EDGE.top} width={width - EDGE.left - EDGE.right} height={HEIGHT - EDGE.top - EDGE.bottom} />
        </clipPath>
      </defs>
      <Axes x={x} y={y} width={width} money={money} />
      <g clipPath={`url(#${clip})`}>
        {met.map(([cost, chance], i) => (
          <circle key={i} cx={x(cost)} cy={y(Math.max(1e-9, chance))} r={1.8} className="met" />
        ))}
        {y(ceiling) > EDGE.top && y(ceiling) < HEIGHT - EDGE.bottom && (
          <g className="ceiling" data-part="ceiling">
            <line x1={EDGE.left} x2={width - EDGE.right} y1={y(ceiling)} y2={y(ceiling)} />
            <text x={width - EDGE.right - 4} y={y(ceiling) - 5} textAnchor="end">
              the house’s ceiling
            </text>
          </g>
        )}
        <path d={path(careLine)} className="care-line" data-part="care-line" />
        <path d={path(frontier.map((plan) => [plan.nestCostMinor, plan.chance]))} className="frontier-line" data-part="frontier" />
        {plans.map((plan, i) => (
          <circle key={i} cx={x(plan.nestCostMinor)} cy={y(plan.chance)} r={4} className="frontier-dot" data-part="plan" />
        ))}
        <Mark plan={recommended} x={x} y={y} width={width} kind="recommended" word="recommended" />
        {outside.map(({ word, ...plan }) => (
          <Mark key={word} plan={plan} x={x} y={y} width={width} kind="outside" word={word} />
        ))}
        {inHand && <Mark plan={inHand} x={x} y={y} width={width} kind="in-hand" word="in hand" />}
        {pointed && <circle cx={x(pointed.nestCostMinor)} cy={y(pointed.chance)} r={9} className="pointed" data-part="pointed" />}
      </g>
    </svg>
  );
}

type Scale = (value: number) => number;

/** Where a word stands to its mark: the recommended one below, where no other mark is better and dearer ones stand above. */
const WORD_DY = { above: -10, below: 22 };
/** Room that a letter needs beside its mark, px. */
const LETTER_W = 8;

function Mark({
  plan,
  x,
  y,
  width,
  kind,
  word,
}: {
  plan: Pick<PlanDocument, 'nestCostMinor' | 'chance'>;
  x: Scale;
  y: Scale;
  width: number;
  kind: 'recommended' | 'in-hand' | 'outside';
  word: string;
}) {
  const [cx, cy] = [x(plan.nestCostMinor), y(plan.chance)];
  const room = 12 + word.length * LETTER_W;
  const below = kind === 'recommended' && cy + WORD_DY.below < HEIGHT - EDGE.bottom;
  const leftward = below ? cx - room > EDGE.left : cx + room > width;
  return (
    <g className={kind}>
      {kind === 'in-hand' ? <rect x={cx - 6} y={cy - 6} width={12} height={12} /> : <circle cx={cx} cy={cy} r={7} />}
      <text
        x={leftward ? cx - 12 : cx + 12}
        y={cy + (below ? WORD_DY.below : WORD_DY.above)}
        textAnchor={leftward ? 'end' : 'start'}
        fontSize={15}
      >
        {word}
      </text>
    </g>
  );
}

function Axes({
  x,
  y,
  width,
  money,
}: {
  x: ReturnType<typeof scaleLinear<number, number>>;
  y: ReturnType<typeof scaleLog<number, number>>;
  width: number;
  money: Props['money'];
}) {
  const powers = y.ticks(4).filter((tick) => /^[125]/.test(tick.toExponential()));
  const chances = powers.length > 6 ? powers.filter((tick) => tick.toExponential().startsWith('1')) : powers;
  return (
    <g className="axes">
      {chances.map((tick) => (
        <g key={tick} transform={`translate(0 ${y(tick)})`}>
          <line x1={EDGE.left} x2={width - EDGE.right} />
          <text x={EDGE.left - 8} y={5} textAnchor="end" fontSize={15}>
            1 in {Math.round(1 / tick).toLocaleString('en')}
          </text>
        </g>
      ))}
      {x.ticks(width < 480 ? 3 : 6).map((tick) => (
        <g key={tick} transform={`translate(${x(tick)} ${HEIGHT - EDGE.bottom})`}>
          <line y2={6} />
          <text y={22} textAnchor="middle" fontSize={15}>
            {money(tick)}
          </text>
        </g>
      ))}
      <text x={width - EDGE.right} y={HEIGHT - 6} textAnchor="end" fontSize={15} className="axis-name">
        cost →
      </text>
      <text x={EDGE.left + 4} y={EDGE.top + 12} fontSize={15} className="axis-name">
        ↑ breaks
      </text>
    </g>
  );
}
