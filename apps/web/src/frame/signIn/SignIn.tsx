'use client';
import dynamic from 'next/dynamic';

/** It goes by what stands behind the address's hash, which the server never hears, so it is drawn in the browser alone. */
export const SignIn = dynamic(() => import('./SignInSheet.tsx').then((room) => room.SignInSheet), { ssr: false });
