import type { PlanDocument } from '@inch-nest/core';
import { CAUSE_WORDS } from '../words/causeWords.ts';

/** What breaks it, as one stacked bar with its words; shares below one in a hundred are left out. */
export function CausesBar({ causes, width }: { causes: PlanDocument['causes']; width: number }) {
  const total = causes.reduce((sum, cause) => sum + cause.chance, 0);
  const shares = causes
    .map((cause) => ({ ...cause, share: total > 0 ? cause.chance / total : 0 }))
    .filter((cause) => cause.share >= 0.01)
    .sort((a, b) => b.share - a.share);
  const starts = shares.map((_, i) => width * shares.slice(0, i).reduce((sum, cause) => sum + cause.share, 0));
  const words = shares.map((cause) => `${CAUSE_WORDS[cause.key]} ${Math.round(cause.share * 100)}%`).join(' · ');
  return (
    <figure className="causes">
      <svg width="100%" height={16} viewBox={`0 0 ${width} 16`} preserveAspectRatio="none" aria-hidden>
        {shares.map((cause, i) => (
          <rect
            key={cause.key}
            x={starts[i]}
            width={Math.max(1, width * cause.share - 1.5)}
            height={14}
            style={{ fill: 'var(--rust)', opacity: Math.max(0.25, 1 - i * 0.28) }}
          />
        ))}
      </svg>
      <figcaption>{words}</figcaption>
    </figure>
  );
}
