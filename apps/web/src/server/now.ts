import 'server-only';

/** The clock enters the server here. */
export const now = (): Date => new Date();
