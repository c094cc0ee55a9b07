const GATHER_MS = 120;
/** More bikes than this changed at once: the whole wall is one request, they would be one each. */
const MANY = 12;
/** After the whole wall was fetched it is left alone for so many times as long as that took, and this long at the least. */
const REST_TIMES = 4;
const REST_LEAST_MS = 250;

interface Ask {
  one(bikeId: string): void;
  all(): Promise<void>;
}

/**
 * Gathers changes told in a moment, so that an import of thousands asks for the wall now and then and a mark
 * asks for its bike once. A null id is a change that belongs to no single bike.
 */
export function gatherChanges(ask: Ask): { changed(bikeId: string | null): void } {
  let ids = new Set<string>();
  let everything = false;
  let timer: ReturnType<typeof setTimeout> | null = null;
  let resting = false;

  async function fetchAll(): Promise<void> {
    resting = true;
    const began = performance.now();
    try {
      await ask.all();
    } finally {
      setTimeout(
        () => {
          resting = false;
          if (everything || ids.size > 0) tell();
        },
        Math.max(REST_LEAST_MS, REST_TIMES * (performance.now() - began)),
      );
    }
  }

  function tell(): void {
    timer = null;
    if (resting) return; // told again when the rest is over
    const changed = ids;
    const whole = everything || changed.size > MANY;
    ids = new Set();
    everything = false;
    if (whole) void fetchAll();
    else for (const id of changed) ask.one(id);
  }

  return {
    changed(bikeId) {
      if (bikeId === null) everything = true;
      else ids.add(bikeId);
      if (!resting) timer ??= setTimeout(tell, GATHER_MS);
    },
  };
}
