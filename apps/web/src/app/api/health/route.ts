export const dynamic = 'force-dynamic';

export const GET = (): Response => Response.json({ ok: true });
