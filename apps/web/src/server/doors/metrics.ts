import 'server-only';
import { timingSafeEqual } from 'node:crypto';
import { metricsToken } from '../environment.ts';
import { guardRequest } from '../guardRequest.ts';
import { SAFE_HEADERS } from '../safeHeaders.ts';
import { now } from '../now.ts';
import { metrics } from '../watch/metrics.ts';
import { upkeepNow } from '../upkeep/upkeepNow.ts';

const HEADERS = { ...SAFE_HEADERS, 'cache-control': 'no-store' };

/** True without a token to be known, or where the request carries it. */
function knowsToken(request: Request): boolean {
  const token = metricsToken();
  if (!token) return true;
  const [wanted, told] = [Buffer.from(`Bearer ${token}`), Buffer.from(request.headers.get('authorization') ?? '')];
  return wanted.length === told.length && timingSafeEqual(wanted, told);
}

/** Counts and times as Prometheus reads them: to this machine alone, and to whoever knows the token where there is one. */
export async function metricsDoor(request: Request): Promise<Response> {
  const shut = guardRequest(request) ?? (knowsToken(request) ? null : 'the token of the metrics is asked for');
  if (shut) return new Response(shut, { status: 403, headers: { ...HEADERS, 'content-type': 'text/plain; charset=utf-8' } });
  const { registry, pending, backupAge, diskFree } = metrics();
  const upkeep = await upkeepNow().catch(() => null);
  if (upkeep) {
    pending.set(upkeep.waits.purchases + upkeep.waits.returns);
    diskFree.set(upkeep.disk.freeBytes);
    const last = upkeep.backups?.[0];
    if (last) backupAge.set((now().getTime() - Date.parse(last.at)) / 1000);
    else backupAge.remove();
  }
  return new Response(await registry.metrics(), { headers: { ...HEADERS, 'content-type': registry.contentType } });
}
