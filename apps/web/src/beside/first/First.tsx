'use client';
import dynamic from 'next/dynamic';

/** What it offers is what this machine tells of itself, so it is drawn there alone. */
export const First = dynamic(() => import('./FirstStart.tsx').then((room) => room.FirstStart), { ssr: false });
