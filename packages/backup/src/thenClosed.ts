/** What comes of some work on an open thing, which is closed after it however it ends. */
export async function thenClosed<Made>(work: Promise<Made>, open: { close(): Promise<unknown> }): Promise<Made> {
  try {
    return await work;
  } finally {
    await open.close();
  }
}
