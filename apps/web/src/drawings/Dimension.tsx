interface Ends {
  x1: number;
  y1: number;
  x2: number;
  y2: number;
}

/** A dimension line in the drafting manner, with its figure over the middle; upright ones read from the right. */
export function Dimension({
  x1,
  y1,
  x2,
  y2,
  text,
  tone = 'ink',
  size = 15,
}: Ends & { text: string; tone?: 'ink' | 'pine' | 'rust'; size?: number }) {
  const upright = x1 === x2;
  const ink = { ink: 'var(--ink)', pine: 'var(--pine)', rust: 'var(--rust)' }[tone];
  const [midX, midY] = [(x1 + x2) / 2, (y1 + y2) / 2];
  const tick = (x: number, y: number) =>
    upright ? <line key={y} x1={x - 4} x2={x + 4} y1={y} y2={y} /> : <line key={x} x1={x} x2={x} y1={y - 4} y2={y + 4} />;
  const at = upright ? { x: midX - 6, y: midY, transform: `rotate(-90 ${midX - 6} ${midY})` } : { x: midX, y: midY - 6 };
  return (
    <g className="dimension" style={{ stroke: ink }}>
      <line x1={x1} y1={y1} x2={x2} y2={y2} />
      {tick(x1, y1)}
      {tick(x2, y2)}
      <text {...at} textAnchor="middle" fontSize={size} fontWeight={600} style={{ fill: ink }}>
        {text}
      </text>
    </g>
  );
}
