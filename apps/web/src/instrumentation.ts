/** As the server starts: purchases that were under way when it stopped are asked after, and backups make themselves. */
export async function register(): Promise<void> {
  if (process.env['NEXT_RUNTIME'] !== 'nodejs') return;
  const { sweepAtStart } = await import('./server/counter/sweepAtStart.ts');
  sweepAtStart();
  const { backupAtNight } = await import('./server/upkeep/backupAtNight.ts');
  backupAtNight();
}
