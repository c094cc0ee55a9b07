/**
 * A stream of numbers over 0 and under 1 that a seed (a whole number) decides: the same seed always draws the same, so that whatever is worked out by
 * playing it through tells the same facts the same way every time.
 */
export function streamOf(seed: number): () => number {
  let state = seed >>> 0;
  return () => {
    state = (state + 0x6d2b79f5) >>> 0;
    let mixed = Math.imul(state ^ (state >>> 15), state | 1);
    mixed ^= mixed + Math.imul(mixed ^ (mixed >>> 7), mixed | 61);
    return (((mixed ^ (mixed >>> 14)) >>> 0) + 0.5) / 4_294_967_296;
  };
}

/** Draws of a normal distribution (mean 0, deviation 1) out of such a stream: two of its numbers each. */
export function normalsOf(random: () => number): () => number {
  return () => Math.sqrt(-2 * Math.log(random())) * Math.cos(2 * Math.PI * random());
}
