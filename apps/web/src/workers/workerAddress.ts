/** Starts the planning worker; on its own because only a bundler understands its address. */
export const startWorker = (): Worker => new Worker(new URL('./planner.worker.ts', import.meta.url), { type: 'module' });
