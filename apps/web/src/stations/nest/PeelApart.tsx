import { Slider } from 'antd';
import { useState } from 'react';
import type { PlanDocument } from '@inch-nest/core';
import PeeledNest from '../../drawings/PeeledNest.tsx';

const HEIGHT = 300;

interface Props {
  plan: PlanDocument;
  /** The plan as it is for the bundle in hand. */
  inHand: PlanDocument;
  width: number;
  /** Changes when the theme does, so that the inks are read anew. */
  inks: string;
}

/** The nest in space, and how far it is peeled apart. */
export default function PeelApart({ plan, inHand, width, inks }: Props) {
  const [peel, setPeel] = useState(1);
  return (
    <>
      <PeeledNest plan={plan} inHand={inHand} width={width} height={HEIGHT} peel={peel} inks={inks} />
      <label className="peel">
        <span>Peel</span>
        <Slider
          ariaLabelForHandle="Peel"
          min={0}
          max={1}
          step={0.05}
          value={peel}
          tooltip={{ open: false }}
          onChange={(next) => setPeel(next)}
        />
      </label>
    </>
  );
}
