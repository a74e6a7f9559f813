import 'server-only';
import type { HealthView } from '@inch-nest/contracts';
import { counterAccess } from '../environment.ts';
import { httpCounter } from '../counter/httpCounter.ts';
import { database } from '../database.ts';
import { SAFE_HEADERS } from '../safeHeaders.ts';

const PATIENCE_MS = 2000;

/** Whether database and counter answer. */
export async function healthNow(): Promise<HealthView> {
  const access = counterAccess();
  const [databaseAnswers, counterAnswers] = await Promise.all([
    inTime(
      database()
        .sequelize.query('select 1')
        .then(() => true),
    ),
    access ? httpCounter(access.address, PATIENCE_MS, access.secret).answers() : null,
  ]);
  return { database: databaseAnswers, counter: counterAnswers };
}

/** The same as an answer; 503 without a database, since without it nothing is known. */
export async function healthDoor(): Promise<Response> {
  const health = await healthNow();
  return Response.json(health, { status: health.database ? 200 : 503, headers: { ...SAFE_HEADERS, 'cache-control': 'no-store' } });
}

/** False where it fails, or says nothing for a while. */
const inTime = (asked: Promise<boolean>): Promise<boolean> =>
  Promise.race([asked.catch(() => false), new Promise<boolean>((say) => setTimeout(() => say(false), PATIENCE_MS))]);
