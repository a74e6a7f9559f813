import { box, CHOICE, point, request, STOCK } from '../../../tests/sampleRequest.ts';
import { ORDINARY_FILLS, ORDINARY_WRAPS } from '../../engineering/materials/ordinaryStock.ts';
import { ceilingOfAll } from '../frontier/recommend.ts';
import { planParcel } from '../../planParcel.ts';
import { askHands, type HandsQuestion } from './askHands.ts';
import { derivePlan } from './derivePlan.ts';

const asked = request(
  { archetype: 'handledWare', hardPoints: [point('handle', 'right')], weightLb: 2 },
  {
    stock: {
      ...STOCK,
      boxes: [box([6, 6, 6]), box([9, 9, 9]), box([12, 12, 12]), box([14, 14, 14]), box([18, 18, 18]), box([24, 24, 24])],
      wraps: [ORDINARY_WRAPS.tissue, ORDINARY_WRAPS.largeBubble],
      fills: [ORDINARY_FILLS.crumpledPaper, ORDINARY_FILLS.mouldedFill].map((fill) => ({ ...fill, onHandFt3: 20 })),
    },
  },
);
const search = planParcel(asked);
let step = search.next();
while (!step.done) step = search.next();
if (step.value.kind === 'noPlan') throw new Error('no plan');
const { recommended } = step.value;
const questions = askHands(asked, recommended.choice);
const about = (kind: HandsQuestion['about']['kind']) => questions.find((one) => one.about.kind === kind)!.answers;

test('in the order hands come to it, and the nest itself is among the answers, once', () => {
  expect(questions.map((one) => one.about.kind)).toEqual(['guard', 'turns', 'box', 'fill']);
  for (const { answers } of questions) {
    expect(answers.length).toBeGreaterThan(1);
    const planned = answers.filter(({ verdict }) => verdict === 'asPlanned');
    expect(planned).toHaveLength(1);
    expect(planned[0]!.figures).toEqual({ chance: recommended.chance, costMinor: recommended.costMinor });
  }
});

test('what an answer does is what that nest does', () => {
  const [material] = questions.flatMap((one) => (one.about.kind === 'turns' ? one.about.material : []));
  for (const { answer, figures, verdict } of about('turns')) {
    if (answer.kind !== 'turns') throw new Error('another answer');
    const { turns } = answer;
    const layers = recommended.choice.layers.flatMap((one) => (one.material === material ? (turns > 0 ? { ...one, turns } : []) : one));
    const derived = derivePlan(asked, { ...recommended.choice, layers, baseGapIn: null });
    if (derived.kind === 'noPlan') throw new Error('no plan');
    if (verdict !== 'cannot') expect(figures).toEqual({ chance: derived.option.chance, costMinor: derived.option.costMinor });
  }
});

// more of it costs more, less of it breaks more: what a master tells a learner. Common practice, no source
test('a turn less is riskier, several more are dearer, neither is praised when it is not', () => {
  const turns = about('turns').flatMap((one) => (one.answer.kind === 'turns' && one.figures ? { ...one, turns: one.answer.turns } : []));
  const planned = turns.find(({ verdict }) => verdict === 'asPlanned')!;
  for (const one of turns) {
    if (one.turns < planned.turns) expect(one.figures!.chance).toBeGreaterThan(planned.figures!.chance);
    if (one.verdict === 'dearer') expect(one.figures!.costMinor).toBeGreaterThan(planned.figures!.costMinor);
    if (one.verdict === 'riskier') expect(one.figures!.chance).toBeGreaterThan(planned.figures!.chance);
  }
});

test('what is as good keeps below the ceiling', () => {
  const pieces = recommended.rated.weighed.filled.stowed.bundles.map(({ wrapped }) => wrapped.piece);
  const allowed = Math.max(ceilingOfAll(pieces, asked.house), recommended.chance);
  for (const { answers } of questions)
    for (const { verdict, figures } of answers) if (verdict === 'asGood') expect(figures!.chance).toBeLessThanOrEqual(allowed);
});

test('a box it does not go into cannot be, and why is said', () => {
  const small = askHands(asked, { ...recommended.choice, box: '9x9x9', baseGapIn: null }).find((one) => one.about.kind === 'box')!;
  const least = small.answers.find(({ answer }) => answer.kind === 'box' && answer.box === '6x6x6')!;
  expect(least).toMatchObject({ verdict: 'cannot', figures: null, why: 'it does not go into that box' });
});

// common practice, no source
test('nothing travels bare, however little it would break', () => {
  const of = request(
    { archetype: 'rigidMetal', weightLb: 14, lengthIn: 8, widthIn: 5, heightIn: 5 },
    { stock: { ...STOCK, boxes: [box([12, 9, 9]), box([14, 12, 12])], wraps: [ORDINARY_WRAPS.largeBubble] } },
  );
  const wrapped = { ...CHOICE, layers: [{ material: 'largeBubble', turns: 1 }], box: '14x12x12' };
  const turns = askHands(of, wrapped).find((one) => one.about.kind === 'turns')!;
  const none = turns.answers.find(({ answer }) => answer.kind === 'turns' && answer.turns === 0)!;
  expect(none).toMatchObject({ verdict: 'cannot', why: 'nothing would lie round it' });
});

test('of a choice that cannot be carried out nothing is asked', () => expect(askHands(asked, { ...CHOICE, box: 'elsewhere' })).toEqual([]));
