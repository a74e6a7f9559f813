/** A failure a person can do something about: one sentence, with the remedy. */
export class Stop extends Error {}

/** Runs a main function; a Stop prints its sentence, anything else its stack. Exit status 1 for both. */
export async function runMain(main) {
  try {
    process.exitCode = (await main()) ?? process.exitCode ?? 0;
  } catch (error) {
    console.error(error instanceof Stop ? `\n${error.message}` : error);
    process.exitCode = 1;
  }
}
