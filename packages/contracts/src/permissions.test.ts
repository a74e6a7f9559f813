import { applyShopChange } from './shopChange.ts';
import { hasByRole, may, RIGHTS, ROLES, type Standing } from './permissions.ts';
import type { KeptShop } from './shopParts.ts';
import { code, newPassword, newPin } from './signIn.ts';

const standing = (part: Partial<Standing>): Standing => ({ role: 'packer', seesMoney: false, sends: false, gone: false, ...part });

test('each role holds what the ones below it hold, and an owner everything', () => {
  const held = ROLES.map((role) => RIGHTS.filter((right) => may(standing({ role }), right)));
  expect(held[0]).toEqual([...RIGHTS]);
  for (let i = 1; i < held.length; i++) expect(held[i - 1]).toEqual(expect.arrayContaining(held[i]!));
  expect(held.at(-1)).toEqual(['look']);
});

test('a packer sees no money and no address unless it is given to her; whoever has left may nothing', () => {
  expect([may(standing({}), 'money'), may(standing({}), 'send'), may(standing({}), 'pack')]).toEqual([false, false, true]);
  expect([may(standing({ seesMoney: true }), 'money'), may(standing({ sends: true }), 'send')]).toEqual([true, true]);
  expect(RIGHTS.some((right) => may(standing({ role: 'owner', gone: true, seesMoney: true, sends: true }), right))).toBe(false);
  expect([hasByRole('planner', 'money'), hasByRole('packer', 'money')]).toEqual([true, false]);
});

test('a shop keeps an owner, whatever is asked', () => {
  const people = [
    { id: 'a', name: 'Ada', system: 'metric' as const, ...standing({ role: 'owner' }) },
    { id: 'b', name: 'Bo', system: 'metric' as const, ...standing({}) },
  ];
  const shop = { people } as unknown as KeptShop;
  expect(applyShopChange(shop, 'people/a/role', 'planner')).toEqual({ problem: expect.stringMatching(/somebody must own/) as unknown });
  expect(applyShopChange(shop, 'people/a/gone', true)).toMatchObject({ problem: expect.stringMatching(/somebody must own/) as unknown });
  const two = applyShopChange(shop, 'people/b/role', 'owner') as KeptShop;
  expect(applyShopChange(two, 'people/a/role', 'planner')).toMatchObject({ people: [{ role: 'planner' }, { role: 'owner' }] });
});

test.each([
  ['1234', false],
  ['8765', false],
  ['7777', false],
  ['47', false],
  ['471198765', false],
  ['47a1', false],
  ['4711', true],
  ['90210463', true],
])('the PIN %s: %s', (pin, good) => expect(newPin.safeParse(pin).success).toBe(good));

test('a password is long rather than strange; a code is read however it was typed', () => {
  expect(['short', 'aaaaaaaaaaaa', 'abcabcabcabc', 'x'.repeat(201)].map((text) => newPassword.safeParse(text).success)).toEqual([
    false,
    false,
    false,
    false,
  ]);
  expect(newPassword.safeParse('three words here').success).toBe(true);
  expect(code.parse(' abcde fghjk-MNPQR ')).toBe('ABCDEFGHJKMNPQR');
  expect(code.safeParse('a-b').success).toBe(false);
});
