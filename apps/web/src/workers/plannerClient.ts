import type { PlanRequest } from '@inch-nest/core';
import { proxy, wrap, type Remote } from 'comlink';
import type { SearchAnswer } from '@inch-nest/contracts';
import { startWorker } from './workerAddress.ts';
import type {
  ApartAnswer,
  BoxesAnswer,
  EnoughAnswer,
  EvaluateAnswer,
  OneOrMoreAnswer,
  OtherwiseAnswer,
  OtherWaysAnswer,
  OutsideAnswer,
  Planner,
  SentManyAnswer,
  LaidDownAnswer,
  StackedAnswer,
} from './planner.protocol.ts';

const MOST_RESTARTS = 1;

/** The planning worker as screens use it: started when first asked, restarted once when it breaks. */
export type PlannerClient = Planner;

interface Running {
  remote: Remote<Planner>;
  /** Rejects when the worker breaks, which would otherwise never answer. */
  broken: Promise<never>;
}

/**
 * @param searchOnServer takes over once the worker has broken twice
 * @param calm resolves when an answer may move the page
 */
export function createPlannerClient(
  searchOnServer: (request: PlanRequest) => Promise<SearchAnswer>,
  calm: () => Promise<void> = () => Promise.resolve(),
): PlannerClient {
  let running: Running | null = null;
  let restarts = 0;

  const start = (): Running => {
    const worker = startWorker();
    const broken = new Promise<never>((_, reject) => {
      worker.onerror = (event) => {
        worker.terminate();
        running = null;
        reject(new Error(event.message || 'the planning worker broke'));
      };
    });
    broken.catch(() => undefined);
    return { remote: wrap<Planner>(worker), broken };
  };

  const ask = async <Answer>(
    question: (remote: Remote<Planner>) => Promise<Answer>,
    otherwise?: () => Promise<Answer>,
  ): Promise<Answer> => {
    try {
      running ??= start();
      const answer = await Promise.race([question(running.remote), running.broken]);
      await calm();
      return answer;
    } catch (error) {
      if (restarts++ < MOST_RESTARTS) return ask(question, otherwise);
      if (otherwise) return otherwise();
      throw error;
    }
  };

  return {
    search: (request, early) =>
      ask(
        (remote) =>
          (early
            ? remote.search(
                request,
                proxy((soFar: SearchAnswer) => void calm().then(() => early(soFar))),
              )
            : remote.search(request)) as Promise<SearchAnswer>,
        () => searchOnServer(request),
      ),
    evaluate: (request, choice) => ask((remote) => remote.evaluate(request, choice) as Promise<EvaluateAnswer>),
    otherWays: (request, recommended, currency) =>
      ask((remote) => remote.otherWays(request, recommended, currency) as Promise<OtherWaysAnswer>),
    outside: (request) => ask((remote) => remote.outside(request) as Promise<OutsideAnswer>),
    boxesToKeep: (parcels, stock, most, heard) =>
      ask((remote) => remote.boxesToKeep(parcels, stock, most, proxy(heard)) as Promise<BoxesAnswer>),
    packedOtherwise: (parcels, ways, heard) =>
      ask((remote) => remote.packedOtherwise(parcels, ways, proxy(heard)) as Promise<OtherwiseAnswer>),
    stopReckoning: () => ask((remote) => remote.stopReckoning()),
    withEnough: (request) => ask((remote) => remote.withEnough(request) as Promise<EnoughAnswer>),
    oneOrMore: (request, each, heard) => ask((remote) => remote.oneOrMore(request, each, proxy(heard)) as Promise<OneOrMoreAnswer>),
    mayGoApart: (request, togetherMinor) => ask((remote) => remote.mayGoApart(request, togetherMinor) as Promise<ApartAnswer>),
    stacked: (request) => ask((remote) => remote.stacked(request) as Promise<StackedAnswer>),
    laidDown: (request) => ask((remote) => remote.laidDown(request) as Promise<LaidDownAnswer>),
    quote: (request, shipment) => ask((remote) => remote.quote(request, shipment)),
    drop: (shock, heightIn, face, steps) => ask((remote) => remote.drop(shock, heightIn, face, steps)),
    sendMany: (request, choice, careful, parcels, seed) =>
      ask((remote) => remote.sendMany(request, choice, careful, parcels, seed) as Promise<SentManyAnswer>),
  };
}
