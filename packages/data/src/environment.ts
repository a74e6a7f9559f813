// The one place of this package that reads the environment.

export function databaseUrl(): string {
  const url = process.env['DATABASE_URL'];
  if (!url) throw new Error('DATABASE_URL is not set: start with npm run demo, or name a PostgreSQL server in it');
  return url;
}

/** Role that the application works under, where it is another than the tables' owner. */
export const applicationRole = (): string | null => process.env['INCH_NEST_ROLE'] || null;

/** Folder where the demo’s choices are kept from one loading to the next; null where each searches. */
export const demoChoices = (): string | null => process.env['INCH_NEST_DEMO_CHOICES'] || null;
