import { createHash } from 'node:crypto';
import { existsSync, mkdirSync, readFileSync, renameSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import type { PlanChoice, PlanRequest } from '@inch-nest/core';

const ID = /[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}/g;

/**
 * What is chosen for a request, or was chosen before for the same one: whoever loads the demo several times, as the tests do,
 * searches once. Ids are made anew each time and have no say in it.
 *
 * @param folder where choices are kept; null keeps none
 */
export function chosenBefore(folder: string | null, request: PlanRequest, choose: () => PlanChoice): PlanChoice {
  if (!folder) return choose();
  const ids: string[] = [];
  const asked = JSON.stringify(request).replace(ID, (id) => {
    if (!ids.includes(id)) ids.push(id);
    return `id ${ids.indexOf(id)}`;
  });
  const file = join(folder, `${createHash('sha256').update(asked).digest('hex')}.json`);
  if (existsSync(file)) return JSON.parse(readFileSync(file, 'utf8')) as PlanChoice;
  const choice = choose();
  mkdirSync(folder, { recursive: true });
  writeFileSync(`${file}.${process.pid}`, JSON.stringify(choice));
  renameSync(`${file}.${process.pid}`, file);
  return choice;
}
