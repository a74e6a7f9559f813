import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';

const root = join(import.meta.dirname, '../../apps/web/src/app');

/** A door of the server, or a page, as its file says. */
export interface Door {
  /** Its address, with `[id]` where one stands. */
  readonly path: string;
  /** What it answers to; a page answers to GET. */
  readonly methods: readonly string[];
  readonly page: boolean;
}

/** Every page and every door there is, found where they lie, so that none is forgotten. */
export const ALL_DOORS: readonly Door[] = readdirSync(root, { recursive: true, encoding: 'utf8' })
  .filter((file) => /(^|\/)(route\.ts|page\.tsx)$/.test(file))
  .map((file) => ({
    path: `/${file.replace(/\/?(route\.ts|page\.tsx)$/, '')}`,
    page: file.endsWith('.tsx'),
    methods: file.endsWith('.tsx') ? ['GET'] : (readFileSync(join(root, file), 'utf8').match(/\b(GET|POST|PUT|PATCH|DELETE)\b/g) ?? []),
  }));
