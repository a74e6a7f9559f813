import 'server-only';
import { pino, stdTimeFunctions, type Logger } from 'pino';

/** One line of JSON a thing, on the standard output; never what was typed, sent or found. */
const kept = globalThis as { inchNestLog?: Logger };
export const log = (): Logger =>
  (kept.inchNestLog ??= pino({
    base: null,
    timestamp: stdTimeFunctions.isoTime,
    formatters: { level: (label) => ({ level: label }) },
    // of a fault its kind, its sentence and where, not what it carries along
    serializers: { err: (error: Error) => ({ type: error.name, message: error.message, stack: error.stack }) },
  }));
