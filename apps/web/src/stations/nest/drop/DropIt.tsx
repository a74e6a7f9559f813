'use client';
import { Button, Segmented, Slider, Switch } from 'antd';
import { useEffect, useId, useState } from 'react';
import { medianDropIn, type DropFace, type PlanDocument, type PlayedDrop } from '@inch-nest/core';
import { ForceTime } from '../../../drawings/ForceTime.tsx';
import { LandingSection } from '../../../drawings/LandingSection.tsx';
import type { NestUse } from '../../../parcel/useNest.ts';
import { planner } from '../../../parcel/planner.ts';
import { useShop } from '../../../session/ShopContext.tsx';
import { LANDS_ON, landingWords } from '../../../words/dropWords.ts';
import { LayerWork } from './LayerWork.tsx';
import { SendMany } from './SendMany.tsx';
import { MOMENTS, peakMoment, useLanding } from './useLanding.ts';

const FACES: readonly { value: DropFace; label: string }[] = [
  { value: 'bottom', label: 'base' },
  { value: 'top', label: 'top' },
  { value: 'front', label: 'front' },
  { value: 'back', label: 'back' },
  { value: 'left', label: 'left end' },
  { value: 'right', label: 'right end' },
  { value: 'corner', label: 'corner' },
];
const HEIGHT = 280;
const NARROW = 620;
const HIGHEST_IN = 60;
/** Of 100 drops on the way, one is higher than this many times the median: e^(0.6 × 2.33). */
const RARELY = 4;

/** The nest dropped: from a height, on a face, moment by moment; and sent a thousand times. */
export default function DropIt({
  plan,
  whole = plan,
  width,
  nest,
}: {
  plan: PlanDocument;
  /** The nest of all bundles, of which one is in hand. */
  whole?: PlanDocument;
  width: number;
  nest: Pick<NestUse, 'request' | 'found'>;
}) {
  const { write } = useShop();
  const heightId = useId();
  const usualIn = Math.round(medianDropIn(plan.weight.grossLb));
  const [heightIn, setHeightIn] = useState(30);
  const [face, setFace] = useState<DropFace>('bottom');
  const [played, setPlayed] = useState<PlayedDrop | null>(null);
  const landing = useLanding(played);
  const { shock } = plan;
  useEffect(() => {
    if (!shock) return;
    let stale = false;
    void planner()
      .drop(shock, heightIn, face, MOMENTS)
      .then((answer) => !stale && setPlayed(answer));
    return () => {
      stale = true;
    };
  }, [shock, heightIn, face]);
  if (!shock) return <p className="soft">No drop harms this piece: there is nothing to play.</p>;
  const narrow = width < NARROW;
  const half = narrow ? width : Math.floor(width / 2) - 6;
  const words = played && landingWords(played);
  return (
    <div className="drop-it">
      <div className="drop-acts">
        <label htmlFor={heightId}>
          From <b className="numeral">{write.length(heightIn)}</b>
        </label>
        <Slider
          id={heightId}
          ariaLabelForHandle="Drop height"
          min={2}
          max={HIGHEST_IN}
          step={1}
          value={heightIn}
          tooltip={{ open: false }}
          marks={{ [usualIn]: 'half are lower', [Math.min(HIGHEST_IN, RARELY * usualIn)]: '99 in 100 lower' }}
          onChange={(next) => setHeightIn(next)}
        />
        <Segmented aria-label="Lands on" value={face} options={[...FACES]} onChange={setFace} />
      </div>
      {played && words ? (
        <>
          <div className="drop-picture">
            <LandingSection
              plan={plan}
              whole={whole}
              face={face}
              squeezeIn={landing.moment?.squeezeIn ?? []}
              lift={landing.lift}
              width={half}
              height={HEIGHT}
              label={`The nest in section, dropped ${write.length(heightIn)} onto ${LANDS_ON[face]}`}
            />
            <ForceTime played={played} at={landing.at} width={half} height={narrow ? 190 : HEIGHT} />
          </div>
          <div className="drop-play">
            <Button type="primary" onClick={landing.playing ? landing.stop : landing.play}>
              {landing.playing ? 'Stop' : 'Drop it'}
            </Button>
            <Button aria-label="One moment back" onClick={() => landing.step(-1)}>
              ◂ Step
            </Button>
            <Button aria-label="One moment on" onClick={() => landing.step(1)}>
              Step ▸
            </Button>
            <label>
              <Switch checked={landing.slow} onChange={landing.setSlow} /> slowly
            </label>
            <Button onClick={() => window.print()}>Print</Button>
          </div>
          <p className="drop-says" role="status">
            <b>{words.felt}</b> {words.breaks} {words.worked}{' '}
            {words.gaveOut && <strong className="risk">Beyond what it can take: {words.gaveOut}.</strong>}
          </p>
          <LayerWork played={played} at={landing.at} />
          <div className="drop-stills">
            {[0, Math.floor(peakMoment(played) / 2), peakMoment(played), MOMENTS - 1].map((moment, i) => (
              <figure key={STILLS[i]}>
                <LandingSection
                  plan={plan}
                  whole={whole}
                  face={face}
                  squeezeIn={played.moments[moment]!.squeezeIn}
                  lift={0}
                  width={Math.min(230, narrow ? width : Math.floor(width / 4) - 8)}
                  height={190}
                  label={STILLS[i]!}
                />
                <figcaption>
                  {STILLS[i]}: {Math.round(played.moments[moment]!.g)} g
                </figcaption>
              </figure>
            ))}
          </div>
        </>
      ) : (
        <p className="soft">{played === null ? 'Nothing lies on that side, or it is being reckoned …' : ''}</p>
      )}
      <SendMany plan={plan} nest={nest} />
    </div>
  );
}

const STILLS = ['It touches', 'Half way in', 'It feels most', 'At rest'];
