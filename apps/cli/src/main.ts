import { readFileSync } from 'node:fs';
import { NEST_COMMANDS, problemsOf, type NestCommand } from '@inch-nest/contracts';
import { z } from 'zod';
import { ANSWERS } from './answers.ts';
import { BadInput } from './BadInput.ts';

// nest <command> [file.json]: one JSON document in, one out. Exit 2 for bad input, 1 for a defect.
const [command, file] = process.argv.slice(2);

try {
  process.stdout.write(run(command, file));
} catch (error) {
  if (!(error instanceof BadInput)) throw error;
  process.stderr.write(error.problems.map(({ path, message }) => `${path}: ${message}\n`).join(''));
  process.exitCode = 2;
}

function run(name: string | undefined, path: string | undefined): string {
  if (name === 'schema')
    return `${JSON.stringify(z.toJSONSchema(NEST_COMMANDS[known(path)], { io: 'input', unrepresentable: 'any' }), null, 2)}\n`;
  const asked = known(name);
  const parsed = NEST_COMMANDS[asked].safeParse(read(path));
  if (!parsed.success) throw new BadInput(problemsOf(parsed.error));
  const answer = (ANSWERS[asked] as (request: unknown) => unknown)(parsed.data);
  return typeof answer === 'string' ? answer : `${JSON.stringify(answer, null, 2)}\n`;
}

function known(name: string | undefined): NestCommand {
  if (name !== undefined && Object.hasOwn(NEST_COMMANDS, name)) return name as NestCommand;
  throw new BadInput([{ path: '(command)', message: `${name ?? 'none'} is not one of schema, ${Object.keys(NEST_COMMANDS).join(', ')}` }]);
}

function read(path: string | undefined): unknown {
  let text: string;
  try {
    text = readFileSync(path ?? 0, 'utf8');
  } catch {
    throw new BadInput([{ path: '(file)', message: `${path ?? 'standard input'} cannot be read` }]);
  }
  try {
    return JSON.parse(text);
  } catch {
    throw new BadInput([{ path: '(file)', message: 'not JSON' }]);
  }
}
