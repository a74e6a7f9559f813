'use client';
import { Button } from 'antd';
import Link from 'next/link';
import { ArrowLeft, Pause, Play, Volume2, VolumeX } from 'lucide-react';
import { useEffect, useMemo, useState } from 'react';
import {
  blockingFaults,
  sealGate,
  SHEET_BOARD,
  stockUsed,
  testState,
  type BenchStep,
  type Remedy,
  type UsedInstead,
} from '@inch-nest/core';
import { benchPlanFor, heldIn } from '@inch-nest/contracts';
import { useBenchLog } from '../../parcel/useBenchLog.ts';
import { useScan } from '../../devices/scanner/ScannerProvider.tsx';
import type { BenchUse } from '../../parcel/BenchContext.tsx';
import { useShop } from '../../session/ShopContext.tsx';
import { Broke } from './Broke.tsx';
import { BundleRecord } from './BundleRecord.tsx';
import { PictureFirst } from './PictureFirst.tsx';
import { contentsOf, ContentsRecord, unticked } from './ContentsRecord.tsx';
import { FinalList } from './FinalList.tsx';
import { PackingPhotos, StepShot } from './PackingPhotos.tsx';
import { PedalKey } from './PedalKey.tsx';
import { readAloud } from './readAloud.ts';
import { Rejected } from '../../parcel/Rejected.tsx';
import { remedyChange } from './remedyChange.ts';
import { StepCard } from './StepCard.tsx';
import { StepList } from './StepList.tsx';
import { stretchOf, usedInTurn } from './stretch.ts';
import { TestActs } from './TestActs.tsx';
import { useBenchClock } from './useBenchClock.ts';
import { useBenchKeys } from './useBenchKeys.ts';
import { useKeptChoice } from './useKeptChoice.ts';
import { useKeptPages } from './useKeptPages.ts';
import { usePackingPhotos } from './usePackingPhotos.ts';
import { nestInHandOf } from '../../parcel/bundleInHand.ts';
import { titleOf } from '../../words/titleOf.ts';

const clockWords = (seconds: number): string => `${Math.floor(seconds / 60)}:${String(Math.floor(seconds % 60)).padStart(2, '0')}`;

/** The plan as large single steps, done one after the other: each with its amounts, tests that must pass, and what is noted down. */
export function BenchStation({ parcel, nest }: BenchUse) {
  const { shop, person, keysOn } = useShop();
  const { view } = parcel;
  const log = useBenchLog(parcel);
  const { life } = log;
  const [gone, goTo] = useState<string | null>(null);
  const [paused, setPaused] = useState(false);
  const [used, setUsed] = useState<readonly UsedInstead[]>([]);
  // what is missing was named: the same key once more goes on without it
  const [asked, setAsked] = useState(false);
  const [heldBack, setHeldBack] = useState<(() => void) | null>(null);
  const [aloud, setAloud] = useKeptChoice('inch-nest-aloud', 'off');
  const [calm, setCalm] = useKeptChoice('inch-nest-calm', 'off');
  const [together, setTogether] = useKeptChoice(`inch-nest-stretch-${person.id}`, 'off');
  const [pedal, setPedal] = useKeptChoice('inch-nest-pedal', '');
  useKeptPages(view.id, view.life.sealed);
  const { choice, locks, isKept } = nest;
  const bench = useMemo(
    () => (choice && isKept ? benchPlanFor({ ...view, nest: { ...view.nest, choice, locks } }, shop, person.system) : null),
    // oxlint-disable-next-line react-hooks/exhaustive-deps -- facts and choice by content
    [JSON.stringify([view.piece, view.others, view.sale, choice, locks, isKept]), shop, person.system],
  );
  const steps = bench?.steps ?? [];
  const photos = usePackingPhotos(parcel, log, steps);
  const done = new Set(life.steps.map((step) => step.key));
  const stateOf = (of: BenchStep) => testState(life, of.test!.key, of.bundleId);
  const measured = (of: BenchStep) => (of.bundleId === undefined ? life.bundle : (life.bundles[of.bundleId]?.measured ?? null));
  const isDone = (step: BenchStep) =>
    step.test
      ? ['passed', 'skipped'].includes(stateOf(step))
      : done.has(step.key) || (step.records === 'photographs' && photos.shots.have >= photos.shots.wanted.length);
  const mayJoin = (step: BenchStep) => (step.test ? stateOf(step) === 'untried' : !done.has(step.key));
  const place = Math.max(
    0,
    gone !== null && steps.some((step) => step.key === gone)
      ? steps.findIndex((step) => step.key === gone)
      : steps.findIndex((step) => !isDone(step)),
  );
  const allDone = steps.length > 0 && steps.every(isDone) && gone === null;
  const step = allDone ? null : (steps[place] ?? null);
  const stretch = allDone ? [] : together === 'on' ? stretchOf(steps, place, mayJoin) : step ? [step] : [];
  const seconds = useBenchClock(step?.key ?? '', paused || calm === 'on' || life.sealed);
  const stepKey = step?.key;
  useEffect(() => {
    setUsed([]);
    setAsked(false);
    setHeldBack(null);
  }, [stepKey]);
  useEffect(() => {
    if (aloud === 'on' && step) readAloud(`${step.title}. ${step.says}`);
    // oxlint-disable-next-line react-hooks/exhaustive-deps -- once for each step
  }, [aloud, stepKey]);

  /** Notes steps as done, those of a stretch one after the other, each with its share of the time. */
  const finish = (...done: readonly BenchStep[]) => {
    goTo(null);
    const turns = done.length > 1 ? usedInTurn(done, used) : [[...used]];
    for (const [i, of] of done.entries())
      void log.log(
        {
          kind: 'stepDone',
          step: of.key,
          phase: of.phase,
          seconds: Math.round(seconds / done.length),
          used: turns[i]!,
        },
        null,
        of.bundleId,
      );
  };
  /** Pictures that the next step hides and the house waits for. */
  const pictureDue = shop.house.photographsHold
    ? photos.shots.wanted.filter(({ step: key, taken }) => !taken && stretch.some((one) => one.key === key))
    : [];
  const unlessHeld = (goOn: () => void) => (pictureDue.length > 0 ? setHeldBack(() => goOn) : goOn());
  /** Everything is in: ticked in one press. */
  const allIn = () => {
    void log.log({ kind: 'contentsTicked', items: contentsOf(parcel).map(({ id }) => id) });
    if (step) finish(step);
  };
  const pass = (...tested: readonly BenchStep[]) => {
    for (const of of tested) void log.log({ kind: 'testTried', test: of.test!.key, result: 'passed' }, null, of.bundleId);
    finish(...tested);
  };
  const fail = (of: BenchStep) => {
    void log.log({ kind: 'testTried', test: of.test!.key, result: 'failed' }, null, of.bundleId);
    // of several tried at once the one that failed is put right first
    goTo(of.key);
  };
  const put = (of: BenchStep, remedy: Remedy) => {
    void log.log({ kind: 'remedied', test: of.test!.key, remedy: remedy.says }, null, of.bundleId);
    const own = nestInHandOf(nest, of.bundle ?? 0);
    const change = own.choice && remedyChange(remedy, own.choice, nest.request.stock);
    if (change) own.change(() => change);
    if (remedy.does === 'measure') goTo(steps.find((one) => one.records === 'bundle' && one.bundle === of.bundle)?.key ?? null);
  };
  const back = () => {
    const last = life.steps.at(-1);
    if (!last || life.sealed) return;
    const { test, bundleId: own } = steps.find((one) => one.key === last.key) ?? {};
    const tried =
      test &&
      log.events.findLast(
        (event) =>
          (event.kind === 'testTried' || event.kind === 'testSkipped') &&
          event.test === test.key &&
          (own === undefined || event.bundleId === own),
      );
    goTo(null);
    void log.log({ kind: 'takenBack' }, last.eventId);
    if (tried) void log.log({ kind: 'takenBack' }, tried.id);
  };
  const seal = () => {
    if (bench && unticked(parcel, life).length === 0 && sealGate(life, bench.due, bench.ofBundles).length === 0)
      void log.log({ kind: 'sealed' });
  };
  const lacks = !step
    ? false
    : step.records === 'contents'
      ? unticked(parcel, life).length > 0
      : step.records === 'bundle' && !measured(step);
  const main = () => {
    if (paused || life.sealed) return;
    if (!step) {
      if (allDone) seal();
    } else if (step.test) {
      if (['untried', 'remedied'].includes(stateOf(step))) unlessHeld(() => pass(...stretch));
    } else if (lacks && !asked) setAsked(true);
    else if (lacks && step.records === 'contents') allIn();
    else unlessHeld(() => finish(...stretch));
  };
  // its own tag, scanned: on it goes
  useScan((code) => {
    if (code !== `P:${view.code}`) return false;
    setPaused(false);
    goTo(null);
    return true;
  });
  useBenchKeys(`${step?.key ?? ''} ${asked ? 'asked' : ''}`, {
    pedal,
    on: keysOn,
    done: main,
    back,
    pause: () => setPaused((now) => !now),
    fail: step?.test && stretch.length === 1 ? () => fail(step) : null,
  });

  if (!bench || !nest.plan)
    return (
      <>
        <h1 dir="auto">{titleOf(view)}</h1>
        <p className="banner mind">Nothing says yet how it is packed.</p>
        {nest.recommended && (
          <Button type="primary" className="big-act" onClick={() => nest.take(nest.recommended!.choice)}>
            Pack it as recommended
          </Button>
        )}
      </>
    );
  const nameOf = {
    wrap: shop.stock.wraps,
    fill: shop.stock.fills,
    box: shop.stock.boxes,
    board: [{ key: SHEET_BOARD, name: 'sheet board' }],
  };
  const uses = stockUsed(
    bench.option,
    life.steps.flatMap((one) => one.used),
  ).map((use) => ({ ...use, name: nameOf[use.kind].find((one) => one.key === use.key)?.name ?? use.key }));
  const bins = [...new Set(heldIn(view).flatMap(({ piece }) => piece.bin.value ?? []))];
  const broken = life.state === 'brokenAtBench';
  const shot = step && shop.house.photographs && step.records !== 'photographs' && <StepShot photos={photos} steps={stretch} />;
  const wrong = life.sealed ? [] : blockingFaults(bench.option, shop.house);
  return (
    <div className="packing">
      {wrong.length > 0 && (
        <p className="banner wrong" role="alert">
          <span>
            <b>Mend the nest first.</b> It cannot be sealed like this: {wrong.join('; ')}.
          </span>
          <Link href={`/parcels/${view.id}/nest`}>To the nest</Link>
        </p>
      )}
      <div className="packing-head">
        <div>
          <h1 dir="auto">{titleOf(view)}</h1>
          <p className="soft sub">
            {[view.sale.buyer.value, bins.length > 0 && `bin ${bins.join(', ')}`, `parcel ${view.code}`].filter(Boolean).join(' · ')}
          </p>
        </div>
        <div className="packing-tools">
          {calm === 'off' && !life.sealed && (
            <span className="numeral clock" aria-label="Time at this step">
              {clockWords(seconds)}
            </span>
          )}
          <Button
            icon={paused ? <Play size={20} aria-hidden /> : <Pause size={20} aria-hidden />}
            aria-pressed={paused}
            onClick={() => setPaused(!paused)}
          >
            {paused ? 'Go on' : 'Pause'}
          </Button>
          <Button
            icon={aloud === 'on' ? <Volume2 size={20} aria-hidden /> : <VolumeX size={20} aria-hidden />}
            aria-pressed={aloud === 'on'}
            onClick={() => setAloud(aloud === 'on' ? 'off' : 'on')}
          >
            Aloud
          </Button>
          <Button aria-pressed={together === 'on'} onClick={() => setTogether(together === 'on' ? 'off' : 'on')}>
            {together === 'on' ? '✓ In stretches' : 'In stretches'}
          </Button>
          <Button aria-pressed={calm === 'on'} onClick={() => setCalm(calm === 'on' ? 'off' : 'on')}>
            {calm === 'on' ? '✓ Calm' : 'Calm'}
          </Button>
          <PedalKey pedal={pedal} onPedal={setPedal} />
        </div>
      </div>
      <Rejected log={log} />
      {paused && (
        <p className="banner mind" role="status">
          Paused. Scan the tag, or press Go on, and it goes on at this very step.
        </p>
      )}
      <div className="packing-sheet">
        <div>
          {step && !broken && !life.sealed && (
            <StepCard key={step.key} stretch={stretch} number={place + 1} of={steps.length} plan={nest.plan} used={used} onUse={setUsed}>
              {step.records === 'bundle' && (
                <BundleRecord nest={nestInHandOf(nest, step.bundle ?? 0)} log={log} bundle={measured(step)} bundleId={step.bundleId} />
              )}
              {step.records === 'contents' && <ContentsRecord parcel={parcel} log={log} asked={asked} onAllIn={allIn} />}
              {step.records === 'photographs' && <PackingPhotos parcel={parcel} photos={photos} />}
              {heldBack && pictureDue.length > 0 && (
                <PictureFirst
                  titles={pictureDue.map(({ title }) => title)}
                  onWithout={() => {
                    heldBack();
                    setHeldBack(null);
                  }}
                />
              )}
              {step.test && stretch.length > 1 ? (
                <div className="step-acts">
                  <Button type="primary" className="big-act" onClick={() => unlessHeld(() => pass(...stretch))}>
                    All pass
                  </Button>
                  {stretch.map((one) => (
                    <Button key={one.key} danger size="large" onClick={() => fail(one)}>
                      {one.title} fails
                    </Button>
                  ))}
                </div>
              ) : step.test ? (
                <TestActs
                  key={`${step.key} ${stateOf(step)}`}
                  test={step.test}
                  state={stateOf(step)}
                  onPass={() => unlessHeld(() => pass(step))}
                  onFail={() => fail(step)}
                  onRemedy={(remedy) => put(step, remedy)}
                  onSkip={(reason) => {
                    void log.log({ kind: 'testSkipped', test: step.test!.key, reason }, null, step.bundleId);
                    finish(step);
                  }}
                >
                  {shot}
                </TestActs>
              ) : (
                <div className="step-acts">
                  {asked && lacks && step.records === 'bundle' && (
                    <p className="banner mind" role="alert">
                      Not measured yet. Measure it, or press Done once more: then the plan goes on by what was reckoned.
                    </p>
                  )}
                  <Button type="primary" className="big-act" disabled={paused} onClick={main}>
                    Done
                  </Button>
                  {step.records === 'bundle' && !measured(step) && (
                    <Button size="large" onClick={() => finish(step)}>
                      Leave it as reckoned
                    </Button>
                  )}
                  {shot}
                </div>
              )}
            </StepCard>
          )}
          {(allDone || life.sealed || place >= steps.length - 3) && !broken && (
            <FinalList
              parcel={parcel}
              log={log}
              due={bench.due}
              ofBundles={bench.ofBundles}
              uses={uses}
              photos={photos}
              steps={steps}
              onGo={goTo}
              onSeal={seal}
            />
          )}
          <div className="act-row">
            {!life.sealed && !broken && (
              <Button icon={<ArrowLeft size={22} aria-hidden />} size="large" disabled={life.steps.length === 0} onClick={back}>
                Back one step
              </Button>
            )}
            <Broke parcel={parcel} log={log} plan={nest.plan} />
          </div>
        </div>
        <StepList steps={steps} life={life} here={stretch.map(({ key }) => key)} onGo={goTo} />
      </div>
    </div>
  );
}
