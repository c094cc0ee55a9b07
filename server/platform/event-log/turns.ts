import type { DataSource } from 'typeorm';
import type { Chain } from './chain';

/** How many acts' chains are remembered; the longest known is forgotten first. */
const MOST_KNOWN = 20_000;

/**
 * Acts on one chain wait for each other here, before any of them takes a connection: however many write at one site, the
 * connections stay free for whoever reads. What keeps two servers apart is the lock of the chain's head; this only spares waiting there.
 */
export class Turns {
  private readonly tails = new Map<string, Promise<void>>();
  /** Which chain an act was on when it was last looked up. A bike that moved since only waits in the wrong line. */
  private readonly known = new Map<string, string>();

  constructor(private readonly source: DataSource) {}

  async take<T>(chain: Chain, run: () => Promise<T>): Promise<T> {
    const line = await this.lineOf(chain);
    const before = this.tails.get(line);
    let done = (): void => undefined;
    const own = new Promise<void>((resolve) => (done = resolve));
    this.tails.set(line, own);
    await before;
    try {
      return await run();
    } finally {
      done();
      if (this.tails.get(line) === own) this.tails.delete(line);
    }
  }

  private async lineOf({ sql, values }: Chain): Promise<string> {
    const key = [sql, ...values].join('\n');
    const known = this.known.get(key);
    if (known !== undefined) return known;
    const [found] = await this.source.query<{ chain: string | null }[]>(`SELECT (${sql}) AS chain`, [
      ...values,
    ]);
    // What is not there is refused under no lock at all: it waits for nobody.
    if (!found?.chain) return key;
    this.known.set(key, found.chain);
    const [oldest] = this.known.keys();
    if (this.known.size > MOST_KNOWN && oldest !== undefined) this.known.delete(oldest);
    return found.chain;
  }
}
