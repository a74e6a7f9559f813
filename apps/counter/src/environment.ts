/** The one place of this application that reads the environment: the secret by which it knows whoever asks; null knows everybody. */
export const secretOfCounter = (): string | null => process.env['INCH_NEST_COUNTER_SECRET'] ?? null;
