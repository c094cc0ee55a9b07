/** What an open connection does: it hands on each line the instrument sends, and says when it is gone. */
export interface Listener {
  line(text: string): void;
  closed(): void;
}

export interface Connection {
  readonly name: string;
  close(): Promise<void>;
}

/** One way an instrument is reached. */
export interface Adapter {
  /** Whether this browser, on this address, can do it. */
  available(): boolean;
  connect(listener: Listener): Promise<Connection>;
}

/** Gathers pieces of text into lines. */
export function linesInto(listener: Pick<Listener, 'line'>): (text: string) => void {
  let rest = '';
  return (text) => {
    const parts = (rest + text).split(/[\r\n]+/);
    rest = (parts.pop() ?? '').slice(-200);
    for (const part of parts) if (part.trim()) listener.line(part);
  };
}
