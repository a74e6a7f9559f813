import { healthDoor } from '../../../server/doors/health.ts';

export const dynamic = 'force-dynamic';

export const GET = (): Promise<Response> => healthDoor();
