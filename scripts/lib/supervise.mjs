const FIRST_PAUSE_MS = 500;
const LONGEST_PAUSE_MS = 30_000;
/** What lived this long did not die of its start. */
const LIVED_MS = 60_000;

/**
 * Starts a service and starts it again whenever it ends unasked, each time after a longer pause until it has lived a while.
 *
 * @param name as the sentences about it call it
 * @param start starts it once; it must come back on the same port
 * @param say takes one sentence
 * @returns the service as it stands and what ends it for good
 */
export async function supervise(name, start, say = console.log) {
  let service = await start();
  let stopping = false;
  let wake = () => {};
  const watch = async () => {
    let pause = FIRST_PAUSE_MS;
    for (;;) {
      const since = Date.now();
      await service.gone;
      if (stopping) return;
      if (Date.now() - since > LIVED_MS) pause = FIRST_PAUSE_MS;
      for (let back = false; !back && !stopping;) {
        say(`${name} ended unasked: it is started again in ${pause / 1000} s.`);
        await new Promise((resolve) => {
          const timer = setTimeout(resolve, pause);
          wake = () => (clearTimeout(timer), resolve());
        });
        pause = Math.min(pause * 2, LONGEST_PAUSE_MS);
        if (stopping) return;
        try {
          service = await start();
          back = true;
          say(`${name} is back.`);
        } catch (error) {
          say(error.message);
        }
      }
      if (stopping) return service.stop();
    }
  };
  const watched = watch();
  return {
    get now() {
      return service;
    },
    async stop() {
      stopping = true;
      wake();
      await service.stop();
      await watched;
    },
  };
}
