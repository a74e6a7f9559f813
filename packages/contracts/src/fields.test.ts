import { pieceFacts, planDocument, planRequest, problemsOf, rateCard, readField } from './index.ts';
import { CARD, request } from '../../core/tests/sampleRequest.ts';

const setting = { today: '2026-11-23', system: 'imperial' } as const;

test.each<['sale' | 'piece', string, string, unknown]>([
  ['piece', 'size', '9 x 6 1/4 x 6', [9, 6.25, 6]],
  ['piece', 'size', '9 x 6', [9, 6, null]],
  ['piece', 'size', '', null],
  ['piece', 'weight', '2 lb 3 oz', 2.1875],
  ['piece', 'weight', '2', 2],
  ['sale', 'soldMinor', '84.50', 8450],
  ['sale', 'shipBy', 'Friday', '2026-11-27'],
  ['piece', 'archetype', '"optics"', 'optics'],
  ['piece', 'dampSensitive', 'true', true],
  ['piece', 'bin', 'B4', 'B4'],
])('%s.%s takes “%s”', (entity, path, text, value) => expect(readField(entity, path, text, setting)).toEqual({ ok: true, value }));

test.each<['sale' | 'piece', string, string, RegExp]>([
  ['piece', 'size', '900 x 6 x 6', /beyond any piece/],
  ['piece', 'size', '-9 x 6', /above zero/],
  ['piece', 'size', '0 x 6', /more than zero/],
  ['piece', 'size', 'NaN', /NaN/],
  ['piece', 'size', '9 x 6 1/', /fraction/],
  ['piece', 'size', '9 furlongs', /furlongs/],
  ['piece', 'size', '3 lb', /size is wanted/],
  ['piece', 'weight', '0.001 lb', /beyond any piece/],
  ['piece', 'weight', '200 lb', /beyond any piece/],
  ['piece', 'weight', '9 in', /weight is wanted/],
  ['piece', 'title', '  ', /wanted/],
  ['piece', 'title', 'x'.repeat(81), /80/],
  ['piece', 'title', 'x'.repeat(2_000_000), /too long/],
  ['sale', 'soldMinor', 'lots', /amount/],
  ['sale', 'destinationPostcode', '4021', /five digits/],
  ['piece', 'archetype', '"teapot"', /option|expected/i],
  ['piece', 'archetype', '{', /choices/],
  ['piece', 'hardPoints', '[{"id":"a"}]', /expected|option/i],
  ['piece', 'constructor', 'x', /no field/],
  ['sale', 'size', '9', /no field/],
])('%s.%s refuses “%.20s”', (entity, path, text, problem) => {
  const reading = readField(entity, path, text, setting);
  expect(!reading.ok && reading.problem).toMatch(problem);
});

describe('documents at the boundary', () => {
  const asked = request();

  test('an honest request passes unchanged', () => {
    expect(planRequest.parse(JSON.parse(JSON.stringify(asked)))).toEqual(asked);
    expect(rateCard.parse(CARD)).toEqual(CARD);
  });

  test.each<[string, (text: string) => string, string]>([
    ['a negative weight', (text) => text.replace('"weightLb":2,', '"weightLb":-2,'), 'order.pieces.0.weightLb'],
    ['text for a number', (text) => text.replace('"lengthIn":6', '"lengthIn":"6"'), 'order.pieces.0.lengthIn'],
    ['an unknown field', (text) => text.replace('"pieceIds"', '"extra":1,"pieceIds"'), '(whole)'],
    ['a box of 1001 in', (text) => text.replace('"insideIn":[8,8,8]', '"insideIn":[8,8,1001]'), 'stock.boxes.0.insideIn.2'],
    ['steps that fall', (text) => text.replace('"upToLb":2,', '"upToLb":0.5,'), 'cards.0.services.0.steps'],
  ])('%s is refused at its path', (_, spoil, path) => {
    const parsed = planRequest.safeParse(JSON.parse(spoil(JSON.stringify(asked))));
    expect(parsed.success).toBe(false);
    expect(problemsOf(parsed.error!).map((problem) => problem.path)).toContain(path);
  });

  test('a piece with a number that is none is refused', () =>
    expect(pieceFacts.safeParse({ ...asked.order.pieces[0], heightIn: Infinity }).success).toBe(false));

  test('a stranger’s plan is refused by naming both formats', () => {
    const parsed = planDocument.safeParse({ format: 7 });
    expect(parsed.error?.issues[0]?.message).toMatch(/format 3 .*format 7/);
  });
});
