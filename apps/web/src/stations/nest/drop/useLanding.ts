'use client';
import { useEffect, useState } from 'react';
import type { PlayedDrop } from '@inch-nest/core';

/** Moments of the landing that are shown, and of the fall before it. */
export const MOMENTS = 48;
const FALL_FRAMES = 12;
const LAST = FALL_FRAMES + MOMENTS - 1;
/** How long a played landing takes on screen, ms; slowly so many times as long. */
const PLAYED_MS = 1600;
const SLOWER = 5;

/** A landing as it is watched: one frame after the other, by itself or step by step. */
export function useLanding(played: PlayedDrop | null) {
  const [frame, setFrame] = useState(FALL_FRAMES + Math.floor(MOMENTS / 2));
  const [playing, setPlaying] = useState(false);
  const [slow, setSlow] = useState(false);
  useEffect(() => {
    if (!playing) return;
    const perFrame = ((slow ? SLOWER : 1) * PLAYED_MS) / LAST;
    let begun: number | null = null;
    let asked = requestAnimationFrame(function next(now) {
      begun ??= now;
      const reached = Math.min(LAST, Math.floor((now - begun) / perFrame));
      setFrame(reached);
      if (reached < LAST) asked = requestAnimationFrame(next);
      else setPlaying(false);
    });
    return () => cancelAnimationFrame(asked);
  }, [playing, slow]);
  const at = frame < FALL_FRAMES ? null : frame - FALL_FRAMES;
  const moment = at === null ? null : (played?.moments[at] ?? null);
  return {
    /** Which moment after touching; null while it falls. */
    at,
    moment,
    /** 1 where the fall begins, 0 on the ground: falling takes its time by the square root of the way. */
    lift: at === null ? 1 - (frame / FALL_FRAMES) ** 2 : 0,
    playing,
    slow,
    play: () => {
      setFrame(0);
      setPlaying(true);
    },
    stop: () => setPlaying(false),
    setSlow,
    step: (by: number) => {
      setPlaying(false);
      setFrame((was) => Math.max(0, Math.min(LAST, was + by)));
    },
  };
}

/** The moment at which the piece feels most. */
export const peakMoment = ({ moments }: PlayedDrop): number => moments.reduce((best, { g }, i) => (g > moments[best]!.g ? i : best), 0);
