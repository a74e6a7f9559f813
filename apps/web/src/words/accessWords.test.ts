import { ACCESS_ACTS, type AuditWhat } from '@inch-nest/contracts';
import { auditWords, unknownDoer } from './accessWords.ts';

const ID = '6a1f0c52-7d0e-4b57-9a36-0c5f2f4b1e02';
const says = (what: AuditWhat) => auditWords({ what });

test.each<[AuditWhat, string]>([
  [{ of: 'shop', path: `people/${ID}/role`, before: 'packer', after: 'owner' }, 'people, role: packer became owner'],
  [{ of: 'shop', path: `people/${ID}/seesMoney`, before: false, after: true }, 'people, sees money: no became yes'],
  [{ of: 'shop', path: 'boxes/box%2012', before: { key: 'box 12' }, after: null }, 'boxes, box 12: as it stands there became nothing'],
  [{ of: 'field', path: 'soldMinor', parcelId: ID, code: 'A27P', undone: true }, 'sold minor of A27P, taken back since'],
  [{ of: 'field', path: 'choice', parcelId: ID, code: 'A27P', undone: false }, 'the nest of A27P'],
  [{ of: 'parcel', happening: 'handedOver', parcelId: ID, code: 'A27P' }, 'A27P: handed over'],
  [{ of: 'stock', kind: 'box', key: 'cube 12', why: 'takenBack', amount: 2 }, 'stock of cube 12: taken back, +2'],
  [{ of: 'access', act: 'signedOffEverywhere', about: 'Tam' }, 'signed Tam off everywhere'],
  [{ of: 'access', act: 'signedOffEverywhere', about: null }, 'signed off everywhere'],
])('%j', (what, sentence) => expect(says(what)).toBe(sentence));

test('every coming in and going out has its words, with and without whom it is about', () => {
  for (const act of ACCESS_ACTS)
    for (const about of ['Tam', null]) {
      const sentence = says({ of: 'access', act, about });
      expect(sentence).not.toMatch(/undefined|null|[A-Z][a-z]+[A-Z]/);
      expect(sentence.length).toBeGreaterThan(5);
    }
  expect(unknownDoer({ what: { of: 'access', act: 'signInFailed', about: null } })).toBe('nobody known');
  expect(unknownDoer({ what: { of: 'access', act: 'codeGiven', about: 'Tam' } })).toBe('the machine');
});
