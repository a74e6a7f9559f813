import {
  boxesOf,
  boxesToKeep,
  packedOtherwise,
  bedding,
  depthWanted,
  shorteningsWanted,
  foldedFor,
  spareDepth,
  derivePlan,
  edgeNudges,
  explainOtherWays,
  nextBestChanges,
  oneBoxOrMore,
  outsideStock,
  planOrByHand,
  laidDown,
  mayGoApart,
  stackedNest,
  playDrop,
  quoteService,
  whyNot,
  withEnough,
  writePlanDocument,
  type Boxes,
  type OutsideNest,
  type PlanProgress,
  type PlanRequest,
} from '@inch-nest/core';
import { expose } from 'comlink';
import { packAnswer, type SearchAnswer } from '@inch-nest/contracts';
import { openAnswerMemory } from '../session/answerMemory.ts';
import type { ApartAnswer, BoxedWay, EnoughAnswer, LaidDownAnswer, Planner, StackedAnswer } from './planner.protocol.ts';
import { sendAway } from './sendAway.ts';

const SLICE_MS = 8;
/** When the best so far is told first, and how long after that again. */
const FIRST_AFTER_MS = 120;
const AGAIN_AFTER_MS = 400;
/** What is told early is written out whole: the search goes on for so many times as long before it is told again. */
const TIMES_AS_LONG = 8;
/** Changes that are told of a nest; of one that does not go in, every way of making it. */
const MOST_CHANGES = 12;
const MOST_THAT_GIVE = 80;
/** The address of this program holds a hash of it. */
const memory = openAnswerMemory(self.location.href);
const isWhole = ({ kind }: { readonly kind: string }): boolean => kind !== 'superseded' && kind !== 'failed';
let latestSearch = 0;
let latestReckoning = 0;

/** Lets messages that wait be heard: a task, not a microtask, and without a timer's least delay. */
const breathe = (): Promise<void> =>
  new Promise((resolve) => {
    const { port1, port2 } = new MessageChannel();
    port1.onmessage = () => {
      port1.close();
      resolve();
    };
    port2.postMessage(null);
  });

const failed = (error: unknown) => ({ kind: 'failed' as const, message: error instanceof Error ? error.message : String(error) });

/** Carries something long out in slices, listening between them; null when a newer search has come meanwhile. */
const inSlices = <Step, Result>(work: Generator<Step, Result>, mine: number, heard?: (step: Step) => void): Promise<Result | null> =>
  whileWanted(work, () => mine === latestSearch, heard);

async function whileWanted<Step, Result>(
  work: Generator<Step, Result>,
  isWanted: () => boolean,
  heard?: (step: Step) => void,
): Promise<Result | null> {
  let started = performance.now();
  for (let step = work.next(); ; step = work.next()) {
    if (step.done) return step.value;
    if (performance.now() - started < SLICE_MS) continue;
    heard?.(step.value);
    await breathe();
    if (!isWanted()) return null;
    started = performance.now();
  }
}

/** Boxes in figures, without the plans behind them. */
const figuresOf = ({ parts, plans, ...figures }: Boxes): BoxedWay => ({
  ...figures,
  parts: parts.map((holds, i) => {
    const { weighed, quote } = plans[i]!.rated;
    return { holds, box: weighed.filled.stowed.shell.box.name, service: quote.serviceName, grossLb: weighed.grossLb };
  }),
});

/** Tells the best so far of a search that takes longer than a glance, and again when another has taken its place. */
function tellEarly(request: PlanRequest, early: (soFar: SearchAnswer) => void): (step: PlanProgress) => void {
  let due = performance.now() + FIRST_AFTER_MS;
  let told = '';
  return ({ evaluated, soFar }) => {
    if (evaluated === 0 || performance.now() < due) return;
    const began = performance.now();
    due = began + AGAIN_AFTER_MS;
    const chosen = soFar();
    // one above the ceiling is hardly the last word, and asks for boxes to get
    if (chosen.kind === 'noPlan' || chosen.aboveCeiling) return;
    const answer = packAnswer(chosen, request);
    const now = answer.kind === 'planned' ? JSON.stringify(answer.recommended.choice) : '';
    if (now === told) return;
    told = now;
    early(answer);
    due = performance.now() + Math.max(AGAIN_AFTER_MS, TIMES_AS_LONG * (performance.now() - began));
  };
}

/** What lies outside the stockroom, beside what lies in it. */
function* outsideOf(request: PlanRequest): Generator<unknown, OutsideNest[]> {
  const { chosen } = yield* planOrByHand(request);
  return chosen.kind === 'planned' ? yield* outsideStock(request, chosen) : [];
}

/** What stacking would make, in figures. */
function* stackedOf(request: PlanRequest) {
  const found = yield* stackedNest(request);
  if (!found) return { best: null };
  const { costMinor, chance, expectedMinor } = found.option;
  return { best: { stackings: found.stackings, costMinor, chance, expectedMinor } };
}

/** What laying down would make, in figures. */
function* laidDownOf(request: PlanRequest) {
  const found = yield* laidDown(request);
  return { best: found && { costMinor: found.costMinor, chance: found.chance, expectedMinor: found.expectedMinor } };
}

/** Whether a comparison with several boxes is worth its time. */
function* apartOf(request: PlanRequest, togetherMinor: number) {
  return { pays: yield* mayGoApart(request, togetherMinor) };
}

/** What enough of everything would make, in figures. */
function* enoughOf(request: PlanRequest) {
  const found = yield* withEnough(request);
  return { best: found && { costMinor: found.option.costMinor, chance: found.option.chance, short: found.short } };
}

/** What is found out beside the search, remembered by its kind and request; a newer search makes it answer `superseded`. */
async function beside<Answer extends ApartAnswer | EnoughAnswer | LaidDownAnswer | StackedAnswer>(
  kind: Exclude<Answer['kind'], 'superseded' | 'failed'>,
  request: PlanRequest,
  work: Generator<unknown, Omit<Exclude<Answer, { kind: 'superseded' | 'failed' }>, 'kind'>>,
): Promise<Answer> {
  try {
    const mine = latestSearch;
    return await memory.answered<Answer>([kind, request], isWhole, async () => {
      const found = await inSlices(work, mine);
      return (found ? { kind, ...found } : { kind: 'superseded' }) as Answer;
    });
  } catch (error) {
    return failed(error) as Answer;
  }
}

const planner: Planner = {
  async search(request, early) {
    const mine = ++latestSearch;
    try {
      const answer = await memory.answered<SearchAnswer>(['search', request], isWhole, async () => {
        const found = await inSlices(planOrByHand(request), mine, early && tellEarly(request, early));
        return found ? packAnswer(found.chosen, request, found.uncarried) : { kind: 'superseded' };
      });
      return mine === latestSearch ? answer : { kind: 'superseded' };
    } catch (error) {
      return failed(error);
    }
  },

  async otherWays(request, recommended, currency) {
    try {
      const derived = derivePlan(request, recommended);
      if (derived.kind === 'noPlan') return { kind: 'failed', message: derived.reasons.join('; ') };
      const money = new Intl.NumberFormat('en-US', { style: 'currency', currency });
      const work = explainOtherWays(request, derived.option, (minor) => money.format(Math.round(minor) / 100));
      const ways = await inSlices(work, latestSearch);
      return ways ? { kind: 'ways', ways: ways.map(({ way, name, whyNot }) => ({ way, name, whyNot })) } : { kind: 'superseded' };
    } catch (error) {
      return failed(error);
    }
  },

  async boxesToKeep(parcels, stock, most, heard) {
    const mine = ++latestReckoning;
    try {
      const sizes = await whileWanted(
        boxesToKeep(parcels, stock, most),
        () => mine === latestReckoning,
        ({ done, of }) => heard(done, of),
      );
      return sizes ? { kind: 'boxes', sizes } : { kind: 'superseded' };
    } catch (error) {
      return failed(error);
    }
  },

  async packedOtherwise(parcels, ways, heard) {
    const mine = ++latestReckoning;
    try {
      const made = await whileWanted(
        packedOtherwise(parcels, ways),
        () => mine === latestReckoning,
        ({ done, of }) => heard(done, of),
      );
      return made ? { kind: 'otherwise', made } : { kind: 'superseded' };
    } catch (error) {
      return failed(error);
    }
  },

  stopReckoning() {
    latestReckoning++;
    return Promise.resolve();
  },

  withEnough: (request) => beside<EnoughAnswer>('enough', request, enoughOf(request)),

  mayGoApart: (request, togetherMinor) => beside<ApartAnswer>('apart', request, apartOf(request, togetherMinor)),

  stacked: (request) => beside<StackedAnswer>('stacked', request, stackedOf(request)),

  laidDown: (request) => beside<LaidDownAnswer>('laidDown', request, laidDownOf(request)),

  drop(shock, heightIn, face, steps) {
    return Promise.resolve(playDrop(shock, heightIn, face, steps));
  },

  async sendMany(request, choice, careful, parcels, seed) {
    try {
      return (await inSlices(sendAway(request, choice, careful, parcels, seed), latestSearch)) ?? { kind: 'superseded' };
    } catch (error) {
      return failed(error);
    }
  },

  evaluate(request, choice) {
    try {
      const derived = derivePlan(request, choice);
      if (derived.kind === 'noPlan') return Promise.resolve(derived);
      const { stowed } = derived.option.rated.weighed.filled;
      const { bundles, shell, inner, blockIn } = stowed;
      const document = writePlanDocument(derived.option, request.house);
      const most = document.faults[0]?.kind === 'tooSmall' ? MOST_THAT_GIVE : MOST_CHANGES;
      const changes = nextBestChanges(request, choice, most);
      const lies = inner?.outsideIn ?? blockIn;
      const gapIn = bedding(request.house, stowed);
      return Promise.resolve({
        kind: 'plan',
        document,
        // what a caution asks for is told with its price, however far down it stands
        changes: [
          ...changes.slice(0, most),
          ...changes
            .slice(most)
            .filter(({ change }) => change.kind === 'between')
            .slice(0, 1),
        ],
        turned: changes.find((change) => change.change.kind === 'turned') ?? null,
        cutToIn: shell.box.style === 'slotted' && shell.newDepthIn === null ? depthWanted(shell, lies[2], gapIn) : null,
        crossOfIn: shell.crossIn === null ? spareDepth(shell, lies[2], gapIn) : null,
        shortenTo: shorteningsWanted(shell, request.stock.linerBoard, lies, gapIn),
        foldTo: foldedFor(stowed, request.house, request.stock.linerBoard)?.key ?? null,
        refusals: whyNot(
          bundles.map(({ wrapped }) => wrapped) as unknown as Parameters<typeof whyNot>[0],
          boxesOf({ ...request, locks: {} }).boxes,
          request.house,
          inner?.core ? null : inner,
          request.units,
        ),
      });
    } catch (error) {
      return Promise.resolve(failed(error));
    }
  },

  async outside(request) {
    try {
      const nests = await inSlices(outsideOf(request), latestSearch);
      return nests ? { kind: 'outside', nests } : { kind: 'superseded' };
    } catch (error) {
      return failed(error);
    }
  },

  async oneOrMore(request, each, heard) {
    let told = 0;
    try {
      const found = await inSlices(oneBoxOrMore(request, each), latestSearch, ({ done, of }) => {
        if (done > told) heard((told = done), of);
      });
      if (!found) return { kind: 'superseded' };
      return {
        kind: 'boxes',
        together: found.together && figuresOf(found.together),
        splits: found.splits.map(figuresOf),
        looked: found.looked,
      };
    } catch (error) {
      return failed(error);
    }
  },

  quote({ cards, units }, shipment) {
    const answers = cards.flatMap((card) =>
      card.services.map((service) => ({ card, service, quote: quoteService(card, service, shipment, units) })),
    );
    return Promise.resolve({
      quotes: answers
        .flatMap(({ card, service, quote }) => ('refused' in quote ? [] : [{ quote, nudges: edgeNudges(card, service, shipment, quote) }]))
        .sort((a, b) => a.quote.totalMinor - b.quote.totalMinor),
      refused: answers.flatMap(({ quote }) => ('refused' in quote ? [quote] : [])),
    });
  },
};

expose(planner);
