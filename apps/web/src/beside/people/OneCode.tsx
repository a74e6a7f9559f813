'use client';
import { Button } from 'antd';
import { useEffect, useState } from 'react';
import type { ShownCode } from '@inch-nest/contracts';

/** A code that is shown this once: for somebody to choose a password by, or for a device to come in. */
export function OneCode({ shown, to, onDone }: { shown: ShownCode; to: string; onDone: () => void }) {
  const left = useSecondsTo(shown.until);
  const isDevice = to === '';
  return (
    <section className="one-code" aria-label="A code">
      {left === 0 ? (
        <p>Its time has passed: have another one shown.</p>
      ) : (
        <>
          {shown.picture && (
            // oxlint-disable-next-line nextjs/no-img-element -- drawn here, and shown once
            <img
              className="one-code-picture"
              alt="The code as a picture to scan"
              src={`data:image/svg+xml,${encodeURIComponent(shown.picture)}`}
            />
          )}
          <div>
            <p className="numeral one-code-text">{shown.code}</p>
            <p>
              {isDevice
                ? shown.address
                  ? 'Scan it with the phone or tablet, or open '
                  : 'No other machine reaches this shop yet: start with --listen to let phones and tablets in. On this machine, open '
                : `${to} opens the shop, presses “I have a code” and chooses a password. It serves once, for a day.`}
              {isDevice && <code>{shown.address ? shown.address.split('#')[0] : '/join'}</code>}
              {isDevice && ' and type it.'}
            </p>
            {isDevice && <p role="timer">It serves once, for another {left} s.</p>}
          </div>
        </>
      )}
      <Button onClick={onDone}>Put it away</Button>
    </section>
  );
}

function useSecondsTo(until: string): number {
  const secondsLeft = () => Math.max(0, Math.round((Date.parse(until) - Date.now()) / 1000));
  const [left, setLeft] = useState(secondsLeft);
  useEffect(() => {
    const timer = setInterval(() => setLeft(secondsLeft()), 1000);
    return () => clearInterval(timer);
  });
  return left;
}
