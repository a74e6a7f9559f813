'use client';

/** What was refused, each with its place. */
export function Problems({ list }: { list: readonly string[] }) {
  if (list.length === 0) return null;
  return (
    <div className="banner wrong" role="alert">
      <ul>
        {list.slice(0, 12).map((problem) => (
          <li key={problem}>{problem}</li>
        ))}
        {list.length > 12 && <li>and {list.length - 12} more</li>}
      </ul>
    </div>
  );
}
