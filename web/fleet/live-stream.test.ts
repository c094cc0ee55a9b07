import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { followChanges, type LiveListener } from './live-stream';

/** The server's stream as the test plays it. */
class FakeStream extends EventTarget {
  static readonly CLOSED = 2;
  static open: FakeStream[] = [];
  readyState = 1;
  onmessage: ((event: { data: string }) => void) | null = null;
  onerror: (() => void) | null = null;
  constructor() {
    super();
    FakeStream.open.push(this);
  }
  close(): void {
    this.readyState = FakeStream.CLOSED;
    FakeStream.open = FakeStream.open.filter((each) => each !== this);
  }
  hello(): void {
    this.dispatchEvent(new Event('hello'));
  }
  tells(bikeId: string | null, bike?: object | null): void {
    this.onmessage?.({ data: JSON.stringify({ bikeId, bike }) });
  }
  breaks(forGood = false): void {
    if (forGood) this.close();
    this.onerror?.();
  }
}

const [stream] = [() => FakeStream.open[0] as FakeStream];
const heard = (): LiveListener & { readonly said: string[] } => {
  const said: string[] = [];
  return {
    said,
    changed: (bikeId, bike) =>
      void said.push(
        `changed ${bikeId ?? 'all'}${bike === undefined ? '' : bike ? ` to ${bike.tag}` : ', not its row'}`,
      ),
    anew: () => void said.push('anew'),
    broken: () => void said.push('broken'),
  };
};
let stops: (() => void)[] = [];
const follow = (listener: LiveListener): (() => void) => {
  const stop = followChanges(listener);
  stops.push(stop);
  return stop;
};

beforeEach(() => {
  FakeStream.open = [];
  stops = [];
  vi.stubGlobal('EventSource', FakeStream);
});
afterEach(() => {
  for (const stop of stops) stop();
  vi.useRealTimers();
  vi.unstubAllGlobals();
});

describe('the live stream of one tab', () => {
  beforeEach(() => vi.stubGlobal('navigator', {}));

  it('hands on the bike that comes with its change, or that its row is as it was', () => {
    const listener = heard();
    follow(listener);
    stream().tells('b1', { tag: 'T01' });
    stream().tells('b1', null);
    stream().tells('b1');
    expect(listener.said).toEqual(['changed b1 to T01', 'changed b1, not its row', 'changed b1']);
  });

  it('tells each change, and nothing is fetched again when it opens for the first time', () => {
    const listener = heard();
    follow(listener);
    stream().hello();
    stream().tells('b1');
    stream().tells(null);
    expect(listener.said).toEqual(['changed b1', 'changed all']);
  });

  it('after a gap says so, for what was missed is fetched', () => {
    const listener = heard();
    follow(listener);
    stream().hello();
    stream().breaks();
    stream().hello();
    stream().hello();
    expect(listener.said).toEqual(['broken', 'anew']);
  });

  it('closed for good by a refusal, opens again later; stopped, never', () => {
    vi.useFakeTimers();
    const listener = heard();
    const stop = follow(listener);
    stream().breaks(true);
    expect(FakeStream.open).toHaveLength(0);
    vi.advanceTimersByTime(5000);
    expect(FakeStream.open).toHaveLength(1);
    stream().hello();
    expect(listener.said).toEqual(['broken', 'anew']);
    stop();
    expect(FakeStream.open).toHaveLength(0);
    vi.advanceTimersByTime(60_000);
    expect(FakeStream.open).toHaveLength(0);
  });
});

/** Locks as a browser has them: one holder, the others in line. */
class FakeLocks {
  private held = false;
  private readonly line: (() => void)[] = [];
  async request(
    _name: string,
    options: { ifAvailable?: boolean; signal?: AbortSignal },
    work: (lock: object | null) => unknown,
  ): Promise<unknown> {
    if (this.held && options.ifAvailable) return work(null);
    if (this.held)
      await new Promise<void>((go, refuse) => {
        this.line.push(go);
        options.signal?.addEventListener('abort', () => refuse(new Error('stopped')));
      });
    this.held = true;
    try {
      return await work({});
    } finally {
      this.held = false;
      this.line.shift()?.();
    }
  }
}
/** One browser's channel: what one tab says, all others hear. */
class FakeChannel {
  static all: FakeChannel[] = [];
  onmessage: ((event: { data: unknown }) => void) | null = null;
  constructor() {
    FakeChannel.all.push(this);
  }
  postMessage(data: unknown): void {
    for (const other of FakeChannel.all) if (other !== this) other.onmessage?.({ data });
  }
  close(): void {
    FakeChannel.all = FakeChannel.all.filter((each) => each !== this);
  }
}

describe('the live stream of several tabs', () => {
  beforeEach(() => {
    FakeChannel.all = [];
    vi.stubGlobal('navigator', { locks: new FakeLocks() });
    vi.stubGlobal('BroadcastChannel', FakeChannel);
  });

  it('is one for all of them, and each hears everything once', async () => {
    const [one, two] = [heard(), heard()];
    follow(one);
    follow(two);
    await vi.waitFor(() => expect(FakeStream.open).toHaveLength(1));
    stream().hello();
    stream().tells('b1');
    expect([one.said, two.said]).toEqual([['changed b1'], ['changed b1']]);
  });

  it('when the tab that has it goes, the next takes over and fetches what was missed', async () => {
    const [one, two] = [heard(), heard()];
    const stop = follow(one);
    follow(two);
    await vi.waitFor(() => expect(FakeStream.open).toHaveLength(1));
    const first = stream();
    first.hello();
    // The other stands in line before the first one goes.
    await Promise.resolve();
    stop();
    await vi.waitFor(() => expect(FakeStream.open.filter((each) => each !== first)).toHaveLength(1));
    stream().hello();
    stream().tells('b2');
    expect(two.said).toEqual(['anew', 'changed b2']);
    expect(one.said).toEqual([]);
  });
});
