/** Says something aloud, in place of what was being said; nothing where the browser has no voice. */
export function readAloud(text: string): void {
  if (typeof speechSynthesis === 'undefined') return;
  speechSynthesis.cancel();
  speechSynthesis.speak(new SpeechSynthesisUtterance(text));
}
