'use client';
import { Button } from 'antd';
import { useEffect, useRef } from 'react';
import { useScale } from './ScaleProvider.tsx';
import { useShop } from '../../session/ShopContext.tsx';
import { ScalePanel } from './ScalePanel.tsx';

const WORDS = {
  zero: 'nothing on it',
  underZero: 'below zero: take everything off and zero it',
  overLimit: 'too much for this scale',
  fault: 'a fault: switch it off and on',
  needsCalibration: 'it asks to be calibrated',
  needsZero: 'it asks to be zeroed',
  unknownUnit: 'it speaks a unit that is not read here: set it to grams, kilograms, ounces or pounds',
} as const;
/** Lighter than this is nothing put down. */
const LEAST_LB = 0.02;

/** The scale's figure as it moves and settles; each time something was put down and stands, that counts once. */
export function ScaleReading({ onSettled }: { onSettled: (pounds: number) => void }) {
  const { write } = useShop();
  const { reading, name, canAsk, connect, disconnect } = useScale();
  const told = useRef(false);
  const tell = useRef(onSettled);
  useEffect(() => {
    tell.current = onSettled;
  });
  useEffect(() => {
    if (reading?.state === 'zero' || (reading?.state === 'moving' && reading.pounds < LEAST_LB)) told.current = false;
    if (reading?.state !== 'settled' || reading.pounds < LEAST_LB || told.current) return;
    told.current = true;
    tell.current(reading.pounds);
  }, [reading]);
  if (!name)
    return (
      <div className="scale act-row">
        {canAsk && <Button onClick={() => void connect('plugged')}>Connect the scale</Button>}
        <Button onClick={() => void connect('simulated')}>Use the stand-in scale</Button>
      </div>
    );
  return (
    <div className="scale" role="group" aria-label={name}>
      <p className={`scale-figure numeral ${reading?.state ?? ''}`} role="status">
        {reading === null
          ? '…'
          : 'pounds' in reading
            ? `${write.weight(reading.pounds)}${reading.state === 'moving' ? ' …' : ' ✓'}`
            : WORDS[reading.state]}
      </p>
      <Button type="text" onClick={disconnect}>
        Disconnect
      </Button>
      <ScalePanel />
    </div>
  );
}
