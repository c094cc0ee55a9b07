export interface Benchmark {
  readonly name: string;
  readonly ms: number;
  /** The same data walked with next to no work: what no code could beat. */
  readonly floorMs: number;
  readonly mostMs: number;
  /** How many things were done in that time, where a rate says more. */
  readonly things?: number;
  /** Milliseconds where it is left out. */
  readonly unit?: 'ms' | '%';
}

/** The best of several runs: what the code can do, not what else the machine was doing. */
export function best(run: () => void, times = 7): number {
  return Math.min(
    ...Array.from({ length: times }, () => {
      const began = performance.now();
      run();
      return performance.now() - began;
    }),
  );
}
