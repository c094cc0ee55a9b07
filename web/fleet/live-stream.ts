import type { AnswerOf } from '@cadre/contract/http';
import { changes } from '@cadre/contract/timeline';

type Told = AnswerOf<typeof changes>;

export interface LiveListener {
  /**
   * Something changed on this bike; null: something that belongs to no single bike. With it comes the bike as it is since, or null where
   * its row is as it was; where neither came it has to be asked for.
   */
  changed(bikeId: string | null, bike?: Told['bike']): void;
  /** The stream is whole again after a gap: what was missed has to be fetched. */
  anew(): void;
  broken(): void;
}

type Message =
  | { readonly kind: 'changed'; readonly bikeId: string | null; readonly bike?: Told['bike'] }
  | { readonly kind: 'anew' }
  | { readonly kind: 'broken' };

const RETRY_MS = 5000;

function tell(listener: LiveListener, message: Message): void {
  if (message.kind === 'changed') listener.changed(message.bikeId, message.bike);
  else if (message.kind === 'anew') listener.anew();
  else listener.broken();
}

/** Opens the stream itself, until stopped. `gap` says whether something may have been missed before it opened. */
function openStream(gap: boolean, send: (message: Message) => void): () => void {
  let stopped = false;
  let retry: ReturnType<typeof setTimeout> | null = null;
  let broken = gap;
  let stream: EventSource | null = null;
  const open = (): void => {
    stream = new EventSource(changes.path);
    stream.addEventListener('hello', () => {
      if (broken) send({ kind: 'anew' });
      broken = false;
    });
    stream.onmessage = (event: MessageEvent<string>) => {
      const { bikeId, bike } = JSON.parse(event.data) as Told;
      send({ kind: 'changed', bikeId, ...(bike === undefined ? {} : { bike }) });
    };
    stream.onerror = () => {
      broken = true;
      send({ kind: 'broken' });
      // A refused stream (the session ended) is closed for good by the browser: try anew later.
      if (stream?.readyState === EventSource.CLOSED && !stopped) retry = setTimeout(open, RETRY_MS);
    };
  };
  open();
  return () => {
    stopped = true;
    if (retry) clearTimeout(retry);
    stream?.close();
  };
}

/**
 * Follows the live stream: one for the whole browser, however many tabs are open, as a browser keeps only
 * six connections to a server. The tab that holds the lock has the stream and tells the others; when it
 * goes, the next one takes over. Where there are no locks (plain http) every tab has its own.
 */
export function followChanges(listener: LiveListener): () => void {
  if (!('locks' in navigator)) return openStream(false, (message) => tell(listener, message));
  const channel = new BroadcastChannel('cadre.changes');
  channel.onmessage = (event: MessageEvent<Message>) => tell(listener, event.data);
  const ended = new AbortController();
  let waited = false;
  const lead = (): Promise<void> =>
    new Promise((done) => {
      const close = openStream(waited, (message) => {
        tell(listener, message);
        channel.postMessage(message);
      });
      ended.signal.addEventListener('abort', () => {
        close();
        done();
      });
    });
  void navigator.locks
    .request('cadre.stream', { ifAvailable: true }, (lock) => (lock ? lead() : undefined))
    .then(() => {
      if (ended.signal.aborted) return undefined;
      waited = true;
      return navigator.locks
        .request('cadre.stream', { signal: ended.signal }, lead)
        .catch((error: unknown) => {
          if (!ended.signal.aborted) throw error; // stopped while waiting for its turn: nothing to do
        });
    });
  return () => {
    ended.abort();
    channel.close();
  };
}
