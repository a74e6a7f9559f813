import { pinWords } from './pinWords.ts';

test.each([
  [{ kind: 'handle', face: 'right', across: 0.5, up: 0.8 } as const, 'Handle on the right: in the middle, high'],
  [{ kind: 'spout', face: 'front', across: 0, up: 1 } as const, 'Spout on the front: at the left edge, at the top'],
  [{ kind: 'finial', face: 'top', across: 0.9, up: 0.1 } as const, 'Finial on the top: at the right edge, at the near edge'],
])('%j', (point, says) => expect(pinWords(point)).toBe(says));
