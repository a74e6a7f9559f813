import 'server-only';
import { collectDefaultMetrics, Counter, Gauge, Histogram, Registry } from 'prom-client';

const SECONDS = [0.005, 0.01, 0.025, 0.05, 0.1, 0.25, 0.5, 1, 2.5, 5, 10];

function make() {
  const registry = new Registry();
  collectDefaultMetrics({ register: registry, prefix: 'inch_nest_' });
  const registers = [registry];
  return {
    registry,
    requests: new Counter({
      name: 'inch_nest_requests_total',
      help: 'Requests at the doors of the server, by door, method and status',
      labelNames: ['door', 'method', 'status'],
      registers,
    }),
    seconds: new Histogram({
      name: 'inch_nest_request_seconds',
      help: 'How long a door took to answer',
      labelNames: ['door', 'method'],
      buckets: SECONDS,
      registers,
    }),
    queries: new Histogram({ name: 'inch_nest_query_seconds', help: 'How long the database took to answer', buckets: SECONDS, registers }),
    slow: new Counter({ name: 'inch_nest_slow_queries_total', help: 'Questions to the database that took long', registers }),
    pending: new Gauge({ name: 'inch_nest_pending_labels', help: 'Labels being bought or given back, not yet certain', registers }),
    backupAge: new Gauge({ name: 'inch_nest_backup_age_seconds', help: 'Since the newest backup; absent where there is none', registers }),
    diskFree: new Gauge({ name: 'inch_nest_disk_free_bytes', help: 'Room left where photographs and data lie', registers }),
  };
}

/** One of each for the process; on globalThis so that a reload in development does not make another. */
const kept = globalThis as { inchNestMetrics?: ReturnType<typeof make> };
export const metrics = (): ReturnType<typeof make> => (kept.inchNestMetrics ??= make());
