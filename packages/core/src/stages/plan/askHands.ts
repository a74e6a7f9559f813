import { guardsFor, type GuardKind, type HardPointKind } from '../../engineering/pieces/hardPoints.ts';
import type { BoxStock } from '../../engineering/materials/stock.ts';
import { ceilingOfAll, evenWithin } from '../frontier/recommend.ts';
import type { PlanChoice, PlanOption } from '../frontier/PlanOption.ts';
import { without } from './bundleChanges.ts';
import { countBare } from './countBare.ts';
import { deriver, type Deriver } from './derivePlan.ts';
import { blockingFaults } from './findFaults.ts';
import { inBox } from './inBox.ts';
import { piecesOf, type PlanRequest } from './PlanRequest.ts';

/** What somebody who learns to pack may answer: the part of a nest that is asked for, as it would be. */
export type HandsAnswer =
  | { readonly kind: 'guard'; readonly guard: GuardKind | null }
  | { readonly kind: 'turns'; readonly turns: number }
  | { readonly kind: 'box'; readonly box: string; readonly name: string }
  | { readonly kind: 'fill'; readonly fill: string; readonly name: string };

/** How an answer does beside the nest that is recommended. */
export type HandsVerdict = 'asPlanned' | 'asGood' | 'riskier' | 'dearer' | 'cannot';

/** An answer, judged by the model. */
export interface JudgedAnswer {
  readonly answer: HandsAnswer;
  readonly verdict: HandsVerdict;
  /** Null where it cannot be. */
  readonly figures: { readonly chance: number; readonly costMinor: number } | null;
  /** Why it cannot be, in a few words. */
  readonly why: string | null;
}

/** One thing that a packer decides, with the answers there are; all else is as recommended. */
export interface HandsQuestion {
  readonly about:
    | { readonly kind: 'guard'; readonly part: HardPointKind }
    | { readonly kind: 'turns'; readonly material: string }
    | { readonly kind: 'box' }
    | { readonly kind: 'fill'; readonly apart: boolean };
  readonly answers: readonly JudgedAnswer[];
}

/** So many parts are asked about, and so many answers offered beside the right one; judgement. */
const MOST_PARTS = 2;
const MOST_OTHERS = 3;
const MOST_TURNS = 8;

/**
 * What a nest is asked for before it is shown, each question with its answers worked out: guards, turns, box and fill, in the
 * order hands come to them. Of several different bundles the first is asked about.
 *
 * @param choice the nest that is recommended; every question has it among its answers
 * @returns none where the choice cannot be carried out
 */
export function askHands(request: PlanRequest, choice: PlanChoice): HandsQuestion[] {
  const derive = deriver(request);
  const planned = derive(choice);
  if (planned.kind === 'noPlan') return [];
  const judge = judgeBeside(request, planned.option, derive);
  const ask = (about: HandsQuestion['about'], offered: readonly Offered[]): HandsQuestion[] => {
    const answers = offered.map(({ answer, ways, planned: isPlanned }) => judge(answer, ways, isPlanned));
    return answers.length > 1 ? [{ about, answers }] : [];
  };
  return [
    ...aboutGuards(request, choice).flatMap(({ part, offered }) => ask({ kind: 'guard', part }, offered)),
    ...aboutTurns(request, choice).flatMap(({ material, offered }) => ask({ kind: 'turns', material }, offered)),
    ...ask({ kind: 'box' }, aboutBoxes(request, choice)),
    ...ask({ kind: 'fill', apart: Object.keys(choice.fillApart ?? {}).length > 0 }, aboutFills(request, choice)),
  ];
}

/** An answer with the choices that carry it out, of which the best stands for it. */
interface Offered {
  readonly answer: HandsAnswer;
  readonly ways: readonly PlanChoice[];
  readonly planned: boolean;
}

/** Why nobody would pack it so, in a few words; undefined where one may. */
function refusalOf({ rated }: PlanOption, house: PlanRequest['house']): string | undefined {
  const [fault] = blockingFaults({ rated }, house);
  if (fault) return fault;
  if (countBare(rated.weighed) > 0) return BARE;
  return rated.refused?.refused;
}
const BARE = 'nothing would lie round it';

function judgeBeside(request: PlanRequest, planned: PlanOption, derive: Deriver) {
  const { house } = request;
  const pieces = planned.rated.weighed.filled.stowed.bundles.map(({ wrapped }) => wrapped.piece);
  const allowed = Math.max(ceilingOfAll(pieces, house), planned.chance);
  const tie = evenWithin(planned.nestCostMinor);
  return (answer: HandsAnswer, ways: readonly PlanChoice[], isPlanned: boolean): JudgedAnswer => {
    let best: PlanOption | null = null;
    let why: string | null = null;
    for (const way of ways) {
      const derived = derive(way);
      const refusal = derived.kind === 'noPlan' ? derived.reasons[0] : refusalOf(derived.option, house);
      if (derived.kind === 'noPlan' || refusal) why ??= refusal ?? null;
      else if (!best || derived.option.expectedMinor < best.expectedMinor) best = derived.option;
    }
    if (!best && !isPlanned) return { answer, verdict: 'cannot', figures: null, why };
    const { chance, costMinor, expectedMinor } = best ?? planned;
    const verdict = (): HandsVerdict => {
      if (isPlanned) return 'asPlanned';
      if (chance <= allowed && expectedMinor - planned.expectedMinor <= tie) return 'asGood';
      return chance > planned.chance ? 'riskier' : 'dearer';
    };
    return { answer, verdict: verdict(), figures: { chance, costMinor }, why: null };
  };
}

/** What goes on a bare part that sticks out: nothing, or one of the guards that serve it. */
function aboutGuards(request: PlanRequest, choice: PlanChoice): { part: HardPointKind; offered: Offered[] }[] {
  const { hardPoints } = piecesOf(request)[0];
  return hardPoints
    .filter(({ guard, kind }) => guard === null && guardsFor(kind).length > 0)
    .slice(0, MOST_PARTS)
    .map(({ id, kind }) => {
      const now = choice.guards?.[id] ?? null;
      const guards = guardsFor(kind)
        .map((one): GuardKind | null => one.kind)
        .filter((one) => one !== now)
        .slice(0, MOST_OTHERS - 1);
      return {
        part: kind,
        offered: [...new Set([null, now, ...guards])].map((guard): Offered => {
          const others = without(choice.guards ?? {}, id);
          const guards = guard === null ? others : { ...others, [id]: guard };
          return { answer: { kind: 'guard', guard }, ways: [{ ...choice, guards }], planned: guard === now };
        }),
      };
    });
}

/** How many turns of what cushions most. */
function aboutTurns({ stock }: PlanRequest, choice: PlanChoice): { material: string; offered: Offered[] }[] {
  const thickness = (material: string, turns: number) => {
    const wrap = stock.wraps.find(({ key }) => key === material);
    return wrap?.cushion && wrap.role !== 'surface' && !wrap.stiff ? wrap.thicknessIn * turns : 0;
  };
  const main = choice.layers.reduce<PlanChoice['layers'][number] | null>(
    (most, one) => (thickness(one.material, one.turns) > (most ? thickness(most.material, most.turns) : 0) ? one : most),
    null,
  );
  if (!main) return [];
  const around = [-2, -1, 0, 1, 2].map((more) => main.turns + more).filter((turns) => turns >= 0 && turns <= MOST_TURNS);
  return [
    {
      material: main.material,
      offered: around.map((turns) => ({
        answer: { kind: 'turns', turns },
        ways: [
          {
            ...choice,
            layers:
              turns > 0
                ? choice.layers.map((one) => (one === main ? { ...one, turns } : one))
                : choice.layers.filter((one) => one !== main),
            baseGapIn: null,
          },
        ],
        planned: turns === main.turns,
      })),
    },
  ];
}

/** The box, between the next smaller and the next larger ones on hand. */
function aboutBoxes(request: PlanRequest, choice: PlanChoice): Offered[] {
  const { stock } = request;
  const now = stock.boxes.find(({ key }) => key === choice.box);
  if (!now) return [];
  const roomIn3 = ({ insideIn: [length, width, depth] }: BoxStock) => length * width * depth;
  const bySize = stock.boxes
    .filter((box) => box === now || (box.onHand > 0 && box.style === 'slotted' && box.container === null))
    .sort((one, other) => roomIn3(one) - roomIn3(other));
  const at = bySize.indexOf(now);
  return bySize.slice(Math.max(0, at - 2), at + 3).map((box) => ({
    answer: { kind: 'box', box: box.key, name: box.name },
    ways: box === now ? [choice] : inBox(choice, box, request),
    planned: box === now,
  }));
}

/** What the box is filled with, but for places that have a fill of their own. */
function aboutFills({ stock }: PlanRequest, choice: PlanChoice): Offered[] {
  const now = stock.fills.find(({ key }) => key === choice.fill);
  if (!now) return [];
  const others = stock.fills.filter((one) => one !== now && one.onHandFt3 > 0).slice(0, MOST_OTHERS);
  return [now, ...others].map((one) => ({
    answer: { kind: 'fill', fill: one.key, name: one.name },
    ways: [{ ...choice, fill: one.key }],
    planned: one === now,
  }));
}
