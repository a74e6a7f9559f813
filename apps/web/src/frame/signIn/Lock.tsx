'use client';
import { useEffect, useRef, useState } from 'react';
import type { SignInView } from '@inch-nest/contracts';
import { forgetAllHere } from '../../session/benchKeeper.ts';
import { send, SHUT_OUT } from '../../session/http.ts';
import { useShop } from '../../session/ShopContext.tsx';
import { SignIn } from './SignIn.tsx';

const LOOK_MS = 10_000;
/** The server is told that somebody is there at most so often. */
const TELL_MS = 60_000;
const TOUCHES = ['pointerdown', 'keydown', 'wheel', 'touchstart'] as const;

/**
 * Locks the screen when nobody has touched it for as long as this device allows, or when the server asks who is there: the page
 * beneath stays as it is, and goes on when the same person is back. A server that cannot be reached locks nothing, since it could
 * not open again.
 */
export function Lock() {
  const { me } = useShop();
  const [view, setView] = useState<SignInView | null>(null);
  const dialog = useRef<HTMLDialogElement>(null);
  useShutOut(() => {
    if (me.byItself) return;
    send<SignInView>('GET', '/api/sign-in').then(setView, () => undefined);
  });
  useIdle(me.byItself ? null : (me.device?.idleMinutes ?? null));
  useEffect(() => {
    if (view) dialog.current?.showModal();
  }, [view]);
  if (!view) return null;
  const back = (personId: string | null) => {
    if (personId === me.personId) return setView(null);
    forgetAllHere();
    window.location.reload();
  };
  return (
    <dialog ref={dialog} className="lock" aria-label="Locked" onCancel={(event) => event.preventDefault()}>
      <SignIn view={view} onIn={back} />
    </dialog>
  );
}

function useShutOut(act: () => void): void {
  const latest = useRef(act);
  useEffect(() => {
    latest.current = act;
  });
  useEffect(() => {
    const heard = () => latest.current();
    window.addEventListener(SHUT_OUT, heard);
    return () => window.removeEventListener(SHUT_OUT, heard);
  }, []);
}

/** Says that somebody is there while she is, and locks when nobody was for so many minutes. */
function useIdle(minutes: number | null): void {
  useEffect(() => {
    if (minutes === null) return;
    let touched = Date.now();
    let told = Date.now();
    const touch = () => {
      touched = Date.now();
      if (touched - told < TELL_MS) return;
      told = touched;
      void send('POST', '/api/session', { act: 'here' }).catch(() => undefined);
    };
    for (const one of TOUCHES) window.addEventListener(one, touch, { passive: true });
    const timer = setInterval(() => {
      if (Date.now() - touched < minutes * 60_000) return;
      touched = Date.now();
      void lockNow();
    }, LOOK_MS);
    return () => {
      clearInterval(timer);
      for (const one of TOUCHES) window.removeEventListener(one, touch);
    };
  }, [minutes]);
}

/** Locks this device: whoever comes next says who she is, and what is open stays open beneath. */
export async function lockNow(): Promise<void> {
  const locked = await send('POST', '/api/session', { act: 'lock' }).then(
    () => true,
    () => false,
  );
  if (locked) window.dispatchEvent(new Event(SHUT_OUT));
}
