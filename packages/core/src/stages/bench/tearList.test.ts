import { CHOICE, point, request } from '../../../tests/sampleRequest.ts';
import type { PlanChoice } from '../frontier/PlanOption.ts';
import { derivePlan } from '../plan/derivePlan.ts';
import { writePlanDocument } from '../plan/writePlanDocument.ts';
import { tearList } from './tearList.ts';

const plan = (facts: Parameters<typeof request>[0] = {}, choice: Partial<PlanChoice> = {}) => {
  const asked = request(facts);
  const derived = derivePlan(asked, { ...CHOICE, ...choice });
  if (derived.kind === 'noPlan') throw new Error(derived.reasons.join());
  return writePlanDocument(derived.option, asked.house);
};
const large = (turns: number) => ({ layers: [{ material: 'largeBubble', turns }] });
const list = tearList([
  { code: 'AAAA', plan: plan({}, large(1)) },
  { code: 'BBBB', plan: plan({}, large(3)) },
  {
    code: 'CCCC',
    plan: plan(
      { hardPoints: [point('handle', 'right', { guard: 'foamTube' })] },
      { layers: [{ material: 'smallBubble', turns: 2 }, ...large(2).layers] },
    ),
  },
]);

test('each roll gives its pieces longest first, and as many feet as they make', () => {
  expect(list.rolls.map((roll) => roll.key)).toEqual(['largeBubble', 'smallBubble']);
  const [first] = list.rolls;
  const lengths = first!.pieces.map((piece) => piece.lengthIn);
  expect(lengths).toEqual([...lengths].sort((a, b) => b - a));
  expect(first!.pieces.map((piece) => piece.code)).toContain('AAAA');
  expect(first!.feet).toBeCloseTo(first!.pieces.reduce((sum, piece) => sum + piece.lengthIn * piece.count, 0) / 12, 12);
});

// n turns of thickness t round a block take n·girth + π·t·n² (Steiner, exact): three turns take more than three times one
test('three turns are one piece longer than three times one turn', () => {
  const length = (code: string) => list.rolls[0]!.pieces.find((piece) => piece.code === code)!.lengthIn;
  const t = plan({}, large(1)).layers[0]!.thicknessIn;
  expect(length('BBBB') - 3 * length('AAAA')).toBeCloseTo(Math.PI * t * (9 - 3), 9);
});

test('guards are cut beyond the part they protect; boxes are counted', () => {
  expect(list.guards).toEqual([{ name: expect.stringMatching(/foam/) as string, code: 'CCCC', lengthIn: expect.any(Number) as number }]);
  expect(list.boxes).toEqual([{ name: expect.any(String) as string, count: 3, codes: ['AAAA', 'BBBB', 'CCCC'] }]);
});
