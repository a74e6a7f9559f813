import { readFileSync } from 'node:fs';
import { NEST_COMMANDS, problemsOf, type NestCommand } from '@inch-nest/contracts';
import { z } from 'zod';
import { answerBatch } from './answerBatch.ts';
import { ANSWERS } from './answers.ts';
import { BadInput } from './BadInput.ts';

// nest <command> [file.json]: one JSON document in, one out. Exit 2 for bad input, 1 for a defect.
// nest plan --batch pieces.csv [request.json]: one plan a line, progress on standard error.
const [command, ...rest] = process.argv.slice(2);

try {
  process.stdout.write(run(command, rest));
} catch (error) {
  if (!(error instanceof BadInput)) throw error;
  process.stderr.write(error.problems.map(({ path, message }) => `${path}: ${message}\n`).join(''));
  process.exitCode = 2;
}

function run(name: string | undefined, [path, ...more]: readonly string[]): string {
  if (name === 'schema') return print(z.toJSONSchema(NEST_COMMANDS[known(path)], { io: 'input', unrepresentable: 'any' }));
  const asked = known(name);
  if (path === '--batch') return runBatch(asked, more);
  if (more.length > 0) throw new BadInput([{ path: '(arguments)', message: `one file at most, not also ${more.join(' ')}` }]);
  // the practice table asks for nothing
  const parsed = NEST_COMMANDS[asked].safeParse(asked === 'bands' && path === undefined ? {} : readJson(path));
  if (!parsed.success) throw new BadInput(problemsOf(parsed.error));
  const answer = (ANSWERS[asked] as (request: unknown) => unknown)(parsed.data);
  if (failed(answer)) process.exitCode = 1;
  return typeof answer === 'string' ? answer : print(answer);
}

/** True for a table of practice of which a row does not hold. */
function failed(answer: unknown): boolean {
  return typeof answer === 'object' && answer !== null && 'hold' in answer && answer.hold === false;
}

function runBatch(asked: NestCommand, [csv, json, ...more]: readonly string[]): string {
  if (asked !== 'plan') throw new BadInput([{ path: '--batch', message: `goes with plan, not with ${asked}` }]);
  if (csv === undefined || more.length > 0)
    throw new BadInput([{ path: '--batch', message: 'a CSV file is wanted, then at most one request' }]);
  return print(answerBatch(readText(csv), readJson(json), (progress) => process.stderr.write(`${progress}\n`)));
}

function print(answer: unknown): string {
  return `${JSON.stringify(answer, null, 2)}\n`;
}

function known(name: string | undefined): NestCommand {
  if (name !== undefined && Object.hasOwn(NEST_COMMANDS, name)) return name as NestCommand;
  throw new BadInput([{ path: '(command)', message: `${name ?? 'none'} is not one of schema, ${Object.keys(NEST_COMMANDS).join(', ')}` }]);
}

function readText(path: string | undefined): string {
  try {
    return readFileSync(path ?? 0, 'utf8');
  } catch {
    throw new BadInput([{ path: '(file)', message: `${path ?? 'standard input'} cannot be read` }]);
  }
}

function readJson(path: string | undefined): unknown {
  try {
    return JSON.parse(readText(path));
  } catch (error) {
    if (error instanceof BadInput) throw error;
    throw new BadInput([{ path: '(file)', message: 'not JSON' }]);
  }
}
