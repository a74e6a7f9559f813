'use client';
import { Button, Input } from 'antd';
import { useState, type ReactNode } from 'react';
import type { BenchStep, Remedy, TestState } from '@inch-nest/core';

/** A test's answers: passed, failed with what puts it right, or skipped with a reason while nothing has failed. */
export function TestActs({
  test,
  state,
  onPass,
  onFail,
  onRemedy,
  onSkip,
  children,
}: {
  test: NonNullable<BenchStep['test']>;
  state: TestState;
  onPass: () => void;
  onFail: () => void;
  onRemedy: (remedy: Remedy) => void;
  onSkip: (reason: string) => void;
  /** What may be done beside. */
  children?: ReactNode;
}) {
  const [reason, setReason] = useState<string | null>(null);
  if (state === 'failed')
    return (
      <div className="remedies" role="alert">
        <p>
          <b>It failed. Put it right, then test again:</b>
        </p>
        {test.remedies.map((remedy) => (
          <Button key={remedy.says} size="large" type={remedy.does ? 'primary' : 'default'} onClick={() => onRemedy(remedy)}>
            {remedy.says.charAt(0).toUpperCase() + remedy.says.slice(1)}
          </Button>
        ))}
      </div>
    );
  return (
    <div className="step-acts">
      {state === 'remedied' && (
        <p className="banner mind" role="status">
          Put right: now it must pass.
        </p>
      )}
      <Button type="primary" className="big-act" onClick={onPass}>
        It passes
      </Button>
      <Button className="big-act" danger onClick={onFail}>
        It fails
      </Button>
      {state === 'untried' &&
        (reason === null ? (
          <Button size="large" onClick={() => setReason('')}>
            Skip it …
          </Button>
        ) : (
          <span className="skip-reason">
            <Input
              aria-label="Why it is skipped"
              placeholder="why, in a few words"
              autoFocus
              maxLength={200}
              value={reason}
              onChange={(event) => setReason(event.target.value)}
            />
            <Button size="large" disabled={reason.trim() === ''} onClick={() => onSkip(reason.trim())}>
              Skip it
            </Button>
          </span>
        ))}
      {children}
    </div>
  );
}
