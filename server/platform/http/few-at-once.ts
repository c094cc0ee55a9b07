import { RefusedError } from '@cadre/server/platform/event-log';

/** Lets so many run at once and so many more wait; whoever comes after is told to come again. */
export class FewAtOnce {
  private running = 0;
  private readonly waiting: (() => void)[] = [];

  constructor(
    private readonly most: number,
    private readonly mostWaiting: number,
  ) {}

  async run<T>(work: () => Promise<T>): Promise<T> {
    if (this.running >= this.most) {
      if (this.waiting.length >= this.mostWaiting) throw new RefusedError('server.busy');
      // Whoever ends hands their place on: nobody slips in between.
      await new Promise<void>((go) => this.waiting.push(go));
    } else this.running += 1;
    try {
      return await work();
    } finally {
      const next = this.waiting.shift();
      if (next) next();
      else this.running -= 1;
    }
  }
}
