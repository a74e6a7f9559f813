import type { Happening } from './LifeEvent.ts';
import { lifeWords } from './lifeWords.ts';

const rate = {
  service: 'ground',
  serviceName: 'Ground',
  cardId: 'card',
  cardVersion: 1,
  weightLb: 3.5,
  outsideIn: [12, 12, 12] as const,
  priceMinor: 985,
  coverAdded: false,
  signature: false,
};
const say = (happening: Happening) =>
  lifeWords(
    { id: 'e', seq: 1, at: '2026-11-26T10:00:00Z', personId: 'p', undoOf: null, ...happening },
    {
      money: (minor) => `$${(minor / 100).toFixed(2)}`,
      weight: (lb) => `${lb} lb`,
      size: (inches) => `${inches.join(' × ')} in`,
      nameOf: (key) => ({ largeBubble: 'Large bubble' })[key] ?? key,
    },
  );

test.each<[Happening, string]>([
  [{ kind: 'weighed', readingsLb: [3.4, 3.5], outsideIn: null }, 'weighed, 3.5 lb'],
  [{ kind: 'weighed', readingsLb: [], outsideIn: null }, 'the weighing was taken back'],
  [{ kind: 'labelBought', labelId: 'l', rate }, 'label bought: Ground, $9.85'],
  [{ kind: 'testTried', test: 'shake', result: 'failed' }, 'shake test failed'],
  [{ kind: 'damaged' }, 'arrived broken'],
])('%j', (happening, words) => expect(say(happening)).toBe(words));
