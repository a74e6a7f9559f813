/** What is held longer than this is a drag, which wants its answers while it goes on. */
export const LONGEST_PRESS_MS = 400;
/** A click follows the end of its press; on glass it takes a moment. */
const CLICK_FOLLOWS_MS = 30;

let release: (() => void) | null = null;
let over: Promise<void> = Promise.resolve();

function pressed(): void {
  if (release) return;
  over = new Promise((resolve) => {
    release = resolve;
  });
  const own = release;
  setTimeout(() => end(own), LONGEST_PRESS_MS);
}
function end(own: (() => void) | null): void {
  own?.();
  if (own === release) release = null;
}
const lifted = (): void => {
  const own = release;
  setTimeout(() => end(own), CLICK_FOLLOWS_MS);
};

if (typeof window !== 'undefined') {
  window.addEventListener('pointerdown', pressed, true);
  for (const kind of ['pointerup', 'pointercancel']) window.addEventListener(kind, lifted, true);
}

/**
 * Resolves when no finger is pressing. Whatever comes back from the worker or the server waits for it: a page that moves
 * between press and release takes the button from under the finger, and what was pressed is lost without a word.
 */
export const pressOver = (): Promise<void> => over;
