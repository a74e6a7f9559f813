'use client';
import { Segmented } from 'antd';
import { lazy, Suspense, useRef, useState } from 'react';
import { AS_IT_STANDS, boxesOf, isEnvelope, movedAs, movedBeside, type PlanDocument } from '@inch-nest/core';
import { NestDrawing } from '../../drawings/NestDrawing.tsx';
import { useShop } from '../../session/ShopContext.tsx';
import type { NestUse } from '../../parcel/useNest.ts';
import { useWidth } from '../../parts/useWidth.ts';
import { writeTenths } from '../../parts/writeTenths.ts';

// the third dimension is fetched only by whoever looks at it
const PeelApart = lazy(() => import('./PeelApart.tsx'));
const DropIt = lazy(() => import('./drop/DropIt.tsx'));

type Way = 'above' | 'side' | 'apart' | 'drop';
const WAYS: readonly { value: Way; label: string }[] = [
  { value: 'above', label: 'above and front' },
  { value: 'side', label: 'front and side' },
  { value: 'apart', label: 'peeled apart' },
  { value: 'drop', label: 'drop it' },
];

/** The nest drawn: in sections whose walls can be pulled, or in space with its parts peeled apart. */
export function NestPicture({
  plan,
  inHand,
  nest,
}: {
  plan: PlanDocument;
  /** The plan as it is for the bundle in hand: what is peeled, and dropped. */
  inHand: PlanDocument;
  nest: Pick<NestUse, 'request' | 'change' | 'found'>;
}) {
  const { request, change } = nest;
  const { person, themeName } = useShop();
  const frame = useRef<HTMLDivElement>(null);
  const width = useWidth(frame);
  const [way, setWay] = useState<Way>('above');
  const { house } = request;
  const { gaps, box } = plan;
  const heldIn = [
    box.insideIn[0] - gaps.left - gaps.right,
    box.insideIn[1] - gaps.front - gaps.back,
    box.insideIn[2] - gaps.bottom - gaps.top,
  ];
  const pull =
    box.style === 'slotted'
      ? {
          boxes: boxesOf({ ...request, locks: {} }).boxes.filter(
            (one) => !isEnvelope(one) && one.onHand > 0 && heldIn.every((side, axis) => one.insideIn[axis]! >= side - 1e-9),
          ),
          onBox: (key: string) => change(() => ({ box: key, ...AS_IT_STANDS, baseGapIn: null })),
          onLift: (baseGapIn: number) => change(() => ({ baseGapIn })),
        }
      : null;
  return (
    <div className="nest-picture">
      <Segmented aria-label="How it is drawn" className="picture-ways" value={way} options={[...WAYS]} onChange={setWay} />
      <div ref={frame} className="drawing-frame">
        {width > 0 && (way === 'above' || way === 'side') && (
          <NestDrawing
            shows={way === 'above' ? ['above', 'front'] : ['front', 'side']}
            plan={plan}
            width={width}
            leastGapIn={plan.inner ? house.leastInnerBoxGapIn : house.leastGapIn}
            write={(inches, unit) => writeTenths(inches, unit, person.system)}
            metric={person.system === 'metric'}
            pull={pull}
            onMove={
              plan.others
                ? (one, other, along, before) =>
                    change((now) => ({
                      stand: movedBeside(now.stand ?? 0, movedAs(plan, one), movedAs(plan, other), along, before),
                      baseGapIn: null,
                    }))
                : null
            }
          />
        )}
        {width > 0 && way === 'apart' && (
          <Suspense fallback={<p className="soft">Fetching the third dimension …</p>}>
            <PeelApart plan={plan} inHand={inHand} width={width} inks={themeName} />
          </Suspense>
        )}
        {width > 0 && way === 'drop' && (
          <Suspense fallback={<p className="soft">Lifting it up …</p>}>
            <DropIt plan={inHand} whole={plan} width={width} nest={nest} />
          </Suspense>
        )}
      </div>
    </div>
  );
}
