import { effectScope } from 'vue';
import { describe, expect, it, vi } from 'vitest';
import { useSolver } from './use-solver';

/** A worker that says what it was made to say. */
function workerThat(does: (worker: Worker) => void): () => Worker {
  return () => {
    const worker = new EventTarget() as Worker;
    Object.assign(worker, { postMessage: () => does(worker), terminate: () => undefined });
    return worker;
  };
}
const solve = (newWorker: () => Worker) =>
  effectScope().run(() => useSolver(newWorker)) as ReturnType<typeof useSolver>;

describe('the solver', () => {
  it('that cannot start leaves the quick plan, and says so', async () => {
    const ask = solve(workerThat((worker) => worker.onerror?.(new Event('error') as ErrorEvent)));
    expect(
      await ask(
        async (worker) => worker.planDay({} as never),
        () => 'quick' as never,
      ),
    ).toEqual({
      answer: 'quick',
      quickly: true,
    });
  });
  it('that cannot be made, as on a device without workers, leaves the quick plan too', async () => {
    const ask = solve(() => {
      throw new Error('no workers here');
    });
    expect(
      await ask(
        async () => 'best',
        () => 'quick',
      ),
    ).toEqual({ answer: 'quick', quickly: true });
  });
  it('that is not at hand leaves the quick plan; one that goes wrong is reported besides', async () => {
    const report = vi.fn();
    vi.stubGlobal('reportError', report);
    const ask = solve(workerThat(() => undefined));
    expect(
      await ask(
        async () => null,
        () => 'quick',
      ),
    ).toEqual({ answer: 'quick', quickly: true });
    expect(report).not.toHaveBeenCalled();
    const wrong = new Error('the start breaks a limit');
    expect(
      await ask(
        () => Promise.reject(wrong),
        () => 'quick',
      ),
    ).toEqual({ answer: 'quick', quickly: true });
    expect(report).toHaveBeenCalledWith(wrong);
    vi.unstubAllGlobals();
  });
  it('that answers is taken at its word', async () => {
    const ask = solve(workerThat(() => undefined));
    expect(
      await ask(
        async () => 'best',
        () => 'quick',
      ),
    ).toEqual({ answer: 'best', quickly: false });
  });
});
