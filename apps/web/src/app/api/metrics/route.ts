import { metricsDoor } from '../../../server/doors/metrics.ts';

export const dynamic = 'force-dynamic';

export const GET = (request: Request): Promise<Response> => metricsDoor(request);
