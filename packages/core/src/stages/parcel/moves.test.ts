import { CLAIMED, frozenFact, moveGate, MOVES } from './moves.ts';
import { STANDING } from './standing.ts';
import type { Happening } from './LifeEvent.ts';
import type { ParcelState } from './ParcelLife.ts';

const STATES = Object.keys(STANDING) as ParcelState[];
const KINDS = Object.keys(MOVES) as Happening['kind'][];

// the whole table, each happening in each state: common practice, no source
const MAY_END: Readonly<Record<string, readonly ParcelState[]>> = {
  delivered: ['handedOver', 'lost'],
  damaged: ['handedOver', 'delivered'],
  lost: ['handedOver'],
  returned: ['handedOver', 'delivered', 'damaged', 'lost'],
  closed: ['delivered', 'damaged', 'lost', 'returned', 'brokenAtBench'],
};
test.each(Object.entries(MAY_END))('%s follows only from what allows it', (kind, from) => {
  for (const state of STATES)
    expect([state, moveGate({ state, sealed: true }, kind as Happening['kind']).length === 0]).toEqual([state, from.includes(state)]);
});

test('what is out of the house is not packed, weighed, rated, opened or handed over any more', () => {
  const atTheBench: Happening['kind'][] = ['stepDone', 'testTried', 'weighed', 'rated', 'sealed', 'sealOpened', 'handedOver', 'tagMatched'];
  for (const state of STATES.filter((one) => STANDING[one] !== 'open'))
    for (const kind of atTheBench)
      expect([state, kind, moveGate({ state, sealed: true }, kind)]).toEqual([state, kind, [expect.any(String)]]);
});

test('while a claim is open its photographs stay, and nothing else is kept back for that', () => {
  for (const state of CLAIMED)
    for (const kind of KINDS) {
      const kept = moveGate({ state, sealed: false }, kind).some((why) => /evidence while the claim/.test(why));
      expect([state, kind, kept]).toEqual([state, kind, kind === 'photoRemoved']);
    }
});

test('after sealing tests, contents and measures stand still until it is opened again', () => {
  const still = KINDS.filter((kind) => moveGate({ state: 'sealed', sealed: true }, kind).some((why) => /open it again/.test(why)));
  expect(still.sort()).toEqual(['bundleMeasured', 'contentsTicked', 'joined', 'photoRemoved', 'remedied', 'testSkipped', 'testTried']);
  for (const kind of still) expect(moveGate({ state: 'packing', sealed: false }, kind)).toEqual([]);
});

test('nest and serial stand still while it is sealed, worth and price while a claim is open, and nothing else', () => {
  expect(frozenFact({ state: 'weighed', sealed: true }, 'nest')).toMatch(/open it again/);
  expect(frozenFact({ state: 'weighed', sealed: true }, 'serial')).toMatch(/open it again/);
  expect(frozenFact({ state: 'weighed', sealed: false }, 'nest')).toBeNull();
  expect(frozenFact({ state: 'weighed', sealed: true }, 'bin')).toBeNull();
  // nobody ticked a seal, and it has left all the same
  expect(frozenFact({ state: 'handedOver', sealed: false }, 'nest')).toMatch(/on its way: what it was packed in stays/);
  expect(frozenFact({ state: 'delivered', sealed: false }, 'nest')).toMatch(/arrived/);
  expect(frozenFact({ state: 'brokenAtBench', sealed: false }, 'nest')).toBeNull();
  expect(frozenFact({ state: 'joined', sealed: false }, 'nest')).toBeNull();
  expect(frozenFact({ state: 'delivered', sealed: false }, 'serial')).toBeNull();
  expect(frozenFact({ state: 'damaged', sealed: true }, 'soldMinor')).toMatch(/claim/);
  expect(frozenFact({ state: 'lost', sealed: true }, 'replacementMinor')).toMatch(/claim/);
  expect(frozenFact({ state: 'delivered', sealed: true }, 'soldMinor')).toBeNull();
});
