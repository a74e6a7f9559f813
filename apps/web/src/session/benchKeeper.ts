import { forgetAnswers } from './answerMemory.ts';

/** What the bench's keeper (`public/bench-worker.js`) is told: pages to keep, or the parcel to let go of. */
export type KeeperMessage = { readonly keep: readonly string[] } | { readonly forget: string };

/** Tells the keeper, once it is there; a browser without one keeps nothing. */
export const tellBenchKeeper = (message: KeeperMessage): void =>
  void navigator.serviceWorker?.ready.then(({ active }) => active?.postMessage(message));

/** Whoever comes next finds nothing on this machine that the one before had open, and no figures that they may not see. */
export function forgetAllHere(): void {
  tellBenchKeeper({ forget: 'all' });
  forgetAnswers();
}
