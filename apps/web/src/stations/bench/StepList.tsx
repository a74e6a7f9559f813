'use client';
import { useEffect, useRef } from 'react';
import { testState, type BenchStep, type ParcelLife } from '@inch-nest/core';

const MARKS = { untried: '', passed: '✓', failed: '✗', remedied: '↻', skipped: '–' } as const;

/** All steps in order, what is done ticked; one can be gone back to. */
export function StepList({
  steps,
  life,
  here,
  onGo,
}: {
  steps: readonly BenchStep[];
  life: ParcelLife;
  /** The steps in hand: one, or a stretch. */
  here: readonly string[];
  onGo: (key: string) => void;
}) {
  const done = new Set(life.steps.map((step) => step.key));
  const list = useRef<HTMLOListElement>(null);
  const first = here[0];
  // the list alone is scrolled, never the page under somebody's hands
  useEffect(() => {
    const at = list.current?.querySelector<HTMLElement>('[aria-current]');
    if (list.current && at) list.current.scrollTop = at.offsetTop - list.current.clientHeight / 3;
  }, [first]);
  return (
    <ol ref={list} className="step-list" aria-label="All steps">
      {steps.map((step) => {
        const tested = step.test ? testState(life, step.test.key, step.bundleId) : null;
        return (
          <li key={step.key}>
            <button
              type="button"
              className={here.includes(step.key) ? 'here' : done.has(step.key) ? 'done' : ''}
              aria-current={step.key === first ? 'step' : undefined}
              onClick={() => onGo(step.key)}
            >
              <span aria-hidden>{tested ? MARKS[tested] : done.has(step.key) ? '✓' : ''}</span>
              {step.kind === 'test' ? `Test: ${step.bundleId === undefined ? step.title.toLowerCase() : step.title}` : step.title}
              {tested === 'failed' && <span className="unseen">, failed</span>}
              {(tested === 'passed' || (!tested && done.has(step.key))) && <span className="unseen">, done</span>}
            </button>
          </li>
        );
      })}
    </ol>
  );
}
