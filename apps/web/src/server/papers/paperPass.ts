import 'server-only';
import { createHmac, randomBytes, timingSafeEqual } from 'node:crypto';

const LASTS_MS = 5 * 60_000;

/** Made when the server starts: a link outlives neither it nor its minutes. */
const kept = globalThis as { inchNestPassKey?: Buffer };
const key = (): Buffer => (kept.inchNestPassKey ??= randomBytes(32));

const sign = (path: string, asked: URLSearchParams): Buffer => {
  asked.sort();
  return createHmac('sha256', key()).update(`${path}?${asked}`).digest();
};

/**
 * A link to papers that say where a buyer lives, good for five minutes and for just these papers: whoever finds it later in a
 * history or a log finds nothing.
 *
 * @param path of the door that answers them
 * @param asked which papers
 */
export function linkFor(path: string, asked: Readonly<Record<string, string>>, now: Date): string {
  const search = new URLSearchParams({ ...asked, until: String(now.getTime() + LASTS_MS) });
  search.set('pass', sign(path, search).toString('base64url'));
  return `${path}?${search}`;
}

/** True where an address is a link of ours that still holds. */
export function holdsPass(address: string, now: Date): boolean {
  const { pathname, searchParams } = new URL(address);
  const pass = Buffer.from(searchParams.get('pass') ?? '', 'base64url');
  searchParams.delete('pass');
  const wanted = sign(pathname, searchParams);
  return pass.length === wanted.length && timingSafeEqual(pass, wanted) && Number(searchParams.get('until')) > now.getTime();
}
