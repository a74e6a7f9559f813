'use client';
import { Button, Checkbox, Input } from 'antd';
import { useState } from 'react';
import { BENCH_TEST_RULES, sealGate, testState, type BenchStep, type BenchTestKey, type BundleTest, type StockUse } from '@inch-nest/core';
import { shotWords } from '@inch-nest/contracts';
import type { BenchLog } from '../../parcel/useBenchLog.ts';
import { NextParcel } from '../../parcel/NextParcel.tsx';
import { Onward } from '../../parcel/Onward.tsx';
import type { ParcelUse } from '../../parcel/useParcel.ts';
import { unticked } from './ContentsRecord.tsx';
import type { PackingPhotosUse } from './usePackingPhotos.ts';

/** What is looked at once more before the box is closed for good, and the closing itself. */
export function FinalList({
  parcel,
  log,
  due,
  ofBundles,
  uses,
  photos,
  steps,
  onGo,
  onSeal,
}: {
  parcel: ParcelUse;
  log: BenchLog;
  photos: PackingPhotosUse;
  due: readonly BenchTestKey[];
  ofBundles: readonly BundleTest[];
  /** What sealing takes from the stockroom. */
  uses: readonly (StockUse & { name: string })[];
  steps: readonly BenchStep[];
  /** Goes to the step where it is put right. */
  onGo: (key: string) => void;
  onSeal: () => void;
}) {
  const { life } = log;
  const [wasSealed] = useState(life.sealed);
  const shots = shotWords(photos.shots);
  const enough = photos.shots.have >= photos.shots.wanted.length;
  const missing = unticked(parcel, life);
  const shut = sealGate(life, due, ofBundles);
  const skipped = due.filter((test) => life.tests[test] === 'skipped');
  if (life.sealed) return <Sealed log={log} uses={uses} parcel={parcel} justNow={!wasSealed} />;
  const stepOf = (is: (step: BenchStep) => boolean) => steps.find(is)?.key;
  const contents = stepOf(({ records }) => records === 'contents');
  const tried = (step: BenchStep) => step.test && ['passed', 'skipped'].includes(testState(life, step.test.key, step.bundleId));
  const lines: [ok: boolean, says: string, at: string | undefined][] = [
    [
      missing.length === 0,
      missing.length === 0 ? 'Everything is in' : `Not ticked: ${missing.map((one) => one.name).join(', ')}`,
      contents,
    ],
    [
      shut.length === 0,
      shut.length === 0
        ? skipped.length === 0
          ? 'Every test passed'
          : `Tests passed; skipped: ${skipped.map((test) => BENCH_TEST_RULES[test].name.toLowerCase()).join(', ')}`
        : shut.join('; '),
      stepOf((step) => step.test !== null && !tried(step)),
    ],
    ...(shots
      ? [
          [
            enough,
            `${shots}${enough ? '' : ': without them a claim is mostly refused'}`,
            stepOf(({ records }) => records === 'photographs'),
          ] satisfies (typeof lines)[number],
        ]
      : []),
    [life.printed.includes('slip'), life.printed.includes('slip') ? 'Papers are printed' : 'The slip is not said to be printed', contents],
  ];
  return (
    <section className="final-list" aria-label="Before it is sealed">
      <h2>Before it is sealed</h2>
      <ul>
        {lines.map(([ok, says, at]) => (
          <li key={says} className={ok ? '' : 'ochre'}>
            {ok ? '✓' : '⚠'} {says}
            {!ok && at !== undefined && (
              <Button type="link" onClick={() => onGo(at)}>
                Go there
              </Button>
            )}
          </li>
        ))}
      </ul>
      <Button type="primary" className="big-act" disabled={shut.length > 0 || missing.length > 0} onClick={onSeal}>
        Seal it
      </Button>
      {(shut.length > 0 || missing.length > 0) && (
        <p className="soft">
          It is sealed once {missing.length > 0 ? 'what is in is ticked' : ''}
          {missing.length > 0 && shut.length > 0 ? ' and ' : ''}
          {shut.length > 0 ? 'the tests are done' : ''}.
        </p>
      )}
    </section>
  );
}

/** A sealed parcel can be opened again: for a reason, and with what of it can be used again. */
function Sealed({
  log,
  uses,
  parcel,
  justNow,
}: {
  log: BenchLog;
  uses: readonly (StockUse & { name: string })[];
  parcel: ParcelUse;
  justNow: boolean;
}) {
  const [reason, setReason] = useState<string | null>(null);
  const [again, setAgain] = useState<readonly string[]>([]);
  const nameOf = (use: StockUse) => `${use.kind} ${use.key}`;
  return (
    <section className="final-list" aria-label="Sealed">
      <h2>✓ Sealed</h2>
      <NextParcel
        but={parcel.view.id}
        onward={<Onward parcelId={parcel.view.id} here="bench" done takesOver={justNow ? 'now' : 'never'} />}
      />
      {reason === null ? (
        <Button onClick={() => setReason('')}>Open it again …</Button>
      ) : (
        <>
          <label htmlFor="open-reason">Why</label>
          <Input id="open-reason" autoFocus maxLength={200} value={reason} onChange={(event) => setReason(event.target.value)} />
          <p>What of it can be used again? It goes back as used.</p>
          {uses.map((use) => (
            <Checkbox
              key={nameOf(use)}
              checked={again.includes(nameOf(use))}
              onChange={(event) =>
                setAgain((now) => (event.target.checked ? [...now, nameOf(use)] : now.filter((one) => one !== nameOf(use))))
              }
            >
              {use.name}
            </Checkbox>
          ))}
          <div className="act-row">
            <Button
              type="primary"
              disabled={reason.trim() === ''}
              onClick={() => {
                const reused = uses.filter((use) => again.includes(nameOf(use))).map(({ kind, key, amount }) => ({ kind, key, amount }));
                void log.log({ kind: 'sealOpened', reason: reason.trim(), reused });
                setReason(null);
              }}
            >
              Open it
            </Button>
            <Button onClick={() => setReason(null)}>Leave it sealed</Button>
          </div>
        </>
      )}
    </section>
  );
}
