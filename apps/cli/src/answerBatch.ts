import { readBatchCsv, type BatchLine } from '@inch-nest/formats';
import { NEST_COMMANDS, problemsOf, type NestRequest } from '@inch-nest/contracts';
import { answerPlan } from './answerPlan.ts';
import { BadInput } from './BadInput.ts';

/**
 * Plans every line of a CSV of sold pieces with one request's stock, house and card, line after line.
 *
 * @param base a plan request; its piece, destination and sale are replaced line by line
 * @param report told how far it has come
 * @throws BadInput with every problem of the CSV by line, before anything is planned
 */
export function answerBatch(csv: string, base: unknown, report: (progress: string) => void): unknown {
  const reading = readBatchCsv(csv);
  if (!reading.ok) throw new BadInput(reading.problems);
  const requests = reading.lines.map((line) => ({ line, request: requestOf(line, base) }));
  return {
    plans: requests.map(({ line, request }, i) => {
      const answer = answerPlan(request) as Record<string, unknown>;
      report(`${i + 1}/${requests.length} ${line.title}: ${answer['chosen'] ? 'planned' : 'no plan'}`);
      return { line: line.line, title: line.title, ...answer };
    }),
  };
}

function requestOf({ line, title, archetype, size, weight, to, sale }: BatchLine, base: unknown): NestRequest<'plan'> {
  const shared = base !== null && typeof base === 'object' ? base : {};
  const parsed = NEST_COMMANDS.plan.safeParse({ ...shared, piece: { title, archetype, size, weight }, to, sale });
  if (parsed.success) return parsed.data;
  throw new BadInput(problemsOf(parsed.error).map(({ path, message }) => ({ path: `batch.csv:${line}:${path}`, message })));
}
