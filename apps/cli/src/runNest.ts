import { NEST_COMMANDS, problemsOf, type NestCommand } from '@inch-nest/contracts';
import { z } from 'zod';
import { answerBatch } from './answerBatch.ts';
import { ANSWERS } from './answers.ts';
import { BadInput } from './BadInput.ts';

/** What one run of `nest` comes to: 2 for bad input, 1 where a table of practice does not hold. */
export interface Ran {
  readonly status: 0 | 1 | 2;
  readonly out: string;
  readonly err: string;
}

/** What a run is given besides its words. */
export interface Surroundings {
  /** A file's text, or what stands on standard input. Throws where there is none. */
  readonly read: (path: string | undefined) => string;
  /** Hears of a long run while it goes on. */
  readonly tell: (progress: string) => void;
}

/**
 * `nest <command> [file.json]`: one JSON document in, one out.
 * `nest plan --batch pieces.csv [request.json]`: one plan a line.
 *
 * @throws whatever is a defect and no bad input
 */
export function runNest([command, ...rest]: readonly string[], surroundings: Surroundings): Ran {
  try {
    const { status, answer } = answerTo(command, rest, surroundings);
    return { status, out: typeof answer === 'string' ? answer : `${JSON.stringify(answer, null, 2)}\n`, err: '' };
  } catch (error) {
    if (!(error instanceof BadInput)) throw error;
    return { status: 2, out: '', err: error.problems.map(({ path, message }) => `${path}: ${message}\n`).join('') };
  }
}

interface Answered {
  readonly status: 0 | 1;
  readonly answer: unknown;
}

function answerTo(name: string | undefined, [path, ...more]: readonly string[], surroundings: Surroundings): Answered {
  if (name === 'schema') return { status: 0, answer: z.toJSONSchema(NEST_COMMANDS[known(path)], { io: 'input', unrepresentable: 'any' }) };
  const asked = known(name);
  if (path === '--batch') return { status: 0, answer: batchOf(asked, more, surroundings) };
  if (more.length > 0) throw new BadInput([{ path: '(arguments)', message: `one file at most, not also ${more.join(' ')}` }]);
  // the practice table asks for nothing
  const parsed = NEST_COMMANDS[asked].safeParse(asked === 'bands' && path === undefined ? {} : jsonIn(path, surroundings));
  if (!parsed.success) throw new BadInput(problemsOf(parsed.error));
  const answer = (ANSWERS[asked] as (request: unknown) => unknown)(parsed.data);
  return { status: failed(answer) ? 1 : 0, answer };
}

/** True for a table of practice of which a row does not hold. */
function failed(answer: unknown): boolean {
  return typeof answer === 'object' && answer !== null && 'hold' in answer && answer.hold === false;
}

function batchOf(asked: NestCommand, [csv, json, ...more]: readonly string[], surroundings: Surroundings) {
  if (asked !== 'plan') throw new BadInput([{ path: '--batch', message: `goes with plan, not with ${asked}` }]);
  if (csv === undefined || more.length > 0)
    throw new BadInput([{ path: '--batch', message: 'a CSV file is wanted, then at most one request' }]);
  return answerBatch(textIn(csv, surroundings), jsonIn(json, surroundings), surroundings.tell);
}

function known(name: string | undefined): NestCommand {
  if (name !== undefined && Object.hasOwn(NEST_COMMANDS, name)) return name as NestCommand;
  throw new BadInput([{ path: '(command)', message: `${name ?? 'none'} is not one of schema, ${Object.keys(NEST_COMMANDS).join(', ')}` }]);
}

function textIn(path: string | undefined, { read }: Surroundings): string {
  try {
    return read(path);
  } catch {
    throw new BadInput([{ path: '(file)', message: `${path ?? 'standard input'} cannot be read` }]);
  }
}

function jsonIn(path: string | undefined, surroundings: Surroundings): unknown {
  const text = textIn(path, surroundings);
  try {
    return JSON.parse(text);
  } catch {
    throw new BadInput([{ path: '(file)', message: 'not JSON' }]);
  }
}
