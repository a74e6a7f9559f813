import { curvePoint, fitCurve, readDrop } from '@inch-nest/core';
import type { NestRequest } from '@inch-nest/contracts';
import { readAccelerationCsv } from '@inch-nest/formats';
import { BadInput } from './BadInput.ts';

/** Accelerometer readings as drops, and the curve through them; or why not. */
export function answerDropTest({ drops, weight, area, thickness }: NestRequest<'dropTest'>): unknown {
  const read = drops.map(({ csv, height }, i) => {
    const reading = readAccelerationCsv(`drops.${i}.csv`, csv);
    if (!reading.ok) throw new BadInput(reading.problems);
    return readDrop(reading.samples, height ?? null);
  });
  const points = read.flatMap((one) => ('whyNot' in one ? [] : [curvePoint(weight / area, one.heightIn, thickness, one.peakG)]));
  const fit = fitCurve(points);
  return {
    drops: read.map((one) =>
      'whyNot' in one
        ? one
        : {
            height: one.heightIn,
            peakG: one.peakG,
            duration: one.durationS * 1000,
            velocityChange: one.velocityChangeInPerS,
            restitution: one.restitution,
          },
    ),
    fit: 'whyNot' in fit ? null : { a: fit.curve.a, b: fit.curve.b, p: fit.curve.p, drops: fit.used },
    ...('whyNot' in fit ? { whyNot: fit.whyNot } : {}),
  };
}
