import { Progress } from 'antd';

/** How far a long reckoning has come. */
export function HowFar({ busy, says }: { busy: { done: number; of: number } | null; says: (done: number, of: number) => string }) {
  if (!busy) return null;
  return (
    <div role="status">
      <Progress percent={Math.round((100 * busy.done) / Math.max(1, busy.of))} aria-label="Parcels tried" />
      <span className="soft">{says(busy.done, busy.of)}</span>
    </div>
  );
}
