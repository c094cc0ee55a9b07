const GATHER_MS = 120;
/** More bikes than this changed at once: the whole wall is one request, they would be one each. */
const MANY = 12;

interface Ask {
  one(bikeId: string): void;
  all(): void;
}

/**
 * Gathers changes told in a moment, so that an import of thousands asks for the wall once and a mark
 * asks for its bike once. A null id is a change that belongs to no single bike.
 */
export function gatherChanges(ask: Ask): { changed(bikeId: string | null): void } {
  let ids = new Set<string>();
  let everything = false;
  let timer: ReturnType<typeof setTimeout> | null = null;

  function tell(): void {
    timer = null;
    const changed = ids;
    const whole = everything || changed.size > MANY;
    ids = new Set();
    everything = false;
    if (whole) ask.all();
    else for (const id of changed) ask.one(id);
  }

  return {
    changed(bikeId) {
      if (bikeId === null) everything = true;
      else ids.add(bikeId);
      timer ??= setTimeout(tell, GATHER_MS);
    },
  };
}
