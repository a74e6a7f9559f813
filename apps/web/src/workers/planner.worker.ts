import { derivePlan, edgeNudges, nextBestChanges, planParcel, quoteService, whyNot, writePlanDocument } from '@inch-nest/core';
import { expose } from 'comlink';
import { packAnswer } from '@inch-nest/contracts';
import type { Planner } from './planner.protocol.ts';

const SLICE_MS = 8;
let latestSearch = 0;

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

const planner: Planner = {
  async search(request) {
    const mine = ++latestSearch;
    try {
      const search = planParcel(request);
      let started = performance.now();
      for (let step = search.next(); ; step = search.next()) {
        if (step.done) return packAnswer(step.value, request);
        if (performance.now() - started < SLICE_MS) continue;
        await breathe();
        if (mine !== latestSearch) return { kind: 'superseded' };
        started = performance.now();
      }
    } catch (error) {
      return failed(error);
    }
  },

  evaluate(request, choice) {
    try {
      const derived = derivePlan(request, choice);
      if (derived.kind === 'noPlan') return Promise.resolve(derived);
      const { wrapped } = derived.option.rated.weighed.filled.stowed;
      return Promise.resolve({
        kind: 'plan',
        document: writePlanDocument(derived.option, request.house),
        changes: nextBestChanges(request, choice).slice(0, 12),
        refusals: whyNot(wrapped, request.stock.boxes, request.house),
      });
    } catch (error) {
      return Promise.resolve(failed(error));
    }
  },

  quote({ cards }, shipment) {
    const answers = cards.flatMap((card) =>
      card.services.map((service) => ({ card, service, quote: quoteService(card, service, shipment) })),
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
