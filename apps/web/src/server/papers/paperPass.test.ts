jest.mock('server-only', () => ({}));
import { holdsPass, linkFor } from './paperPass.ts';

const NOW = new Date('2026-11-26T10:00:00Z');
const later = (minutes: number) => new Date(NOW.getTime() + minutes * 60_000);
const whole = (link: string) => `http://127.0.0.1:3000${link}`;
const link = linkFor('/api/parcels/one/papers', { kind: 'slip,label' }, NOW);

test('holds for five minutes and no longer', () => {
  expect(holdsPass(whole(link), NOW)).toBe(true);
  expect(holdsPass(whole(link), later(4.9))).toBe(true);
  expect(holdsPass(whole(link), later(5.1))).toBe(false);
});

test.each([
  ['other papers', link.replace('slip', 'record')],
  ['another parcel', link.replace('/one/', '/two/')],
  ['a longer life', link.replace(/until=(\d)/, (_, digit: string) => `until=${Number(digit) + 1}`)],
  ['another pass', link.replace(/pass=[\w-]/, (given) => (given === 'pass=A' ? 'pass=B' : 'pass=A'))],
  ['no pass', link.replace(/&pass=.*/, '')],
  ['half a pass', link.slice(0, -8)],
])('not with %s', (_, changed) => {
  expect(changed).not.toBe(link);
  expect(holdsPass(whole(changed), NOW)).toBe(false);
});
