import { derivePlan, writePlanDocument, type PlanChoice } from '@inch-nest/core';
import { box, CHOICE, request } from '../../../../packages/core/tests/sampleRequest.ts';
import { planWords } from './plans.ts';

const asked = request({ lengthIn: 6, widthIn: 6, heightIn: 4 }, { stock: { boxes: [box([16, 14, 16])] } });
const words = (choice: Partial<PlanChoice>) => {
  const derived = derivePlan(asked, { ...CHOICE, box: '16x14x16', ...choice });
  if (derived.kind === 'noPlan') throw new Error(derived.reasons.join());
  return planWords(writePlanDocument(derived.option, asked.house));
};

// two nests in one box of the shop's are told apart by what is done to it
test.each<[Partial<PlanChoice>, RegExp]>([
  [{}, /^16×14×16; /],
  [{ shortened: { side: 'length', newIn: 12 } }, /^16×14×16, shortened; /],
  [{ shortened: { side: 'width', newIn: 11 }, newDepthIn: 10 }, /^16×14×16, made narrower, cut down; /],
  [{ crossIn: 4, liner: true }, /^16×14×16, a cross under its lid, a second wall in it; /],
])('a nest in one line says what its box is made into: %o', (choice, said) => expect(words(choice)).toMatch(said));
