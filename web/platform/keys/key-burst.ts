/** Keys faster than any hand: a scanner or an instrument types so, and ends with Enter. */
export const BURST_MS = 30;
/** So short a burst may still be two fingers on two keys. */
const LEAST_CHARACTERS = 2;

interface Struck {
  readonly key: string;
  readonly at: number;
}

/**
 * Gathers printable keys struck one after the other at a scanner's pace. Time comes in with each key, so that it is the keyboard's
 * own and not that of a busy page.
 */
export class KeyBurst {
  private struck: Struck[] = [];

  /** Takes one key; whether it goes on from the last at a scanner's pace. */
  take(key: string, at: number): boolean {
    const last = this.struck.at(-1);
    const goesOn = last !== undefined && at - last.at <= BURST_MS;
    this.struck = goesOn ? [...this.struck, { key, at }] : [{ key, at }];
    return goesOn;
  }

  /** What Enter at this moment ends: the text of a scan, or null when hands typed it. Forgets it. */
  end(at: number): string | null {
    const { struck } = this;
    this.struck = [];
    const last = struck.at(-1);
    if (!last || at - last.at > BURST_MS || struck.length < LEAST_CHARACTERS) return null;
    return struck.map((each) => each.key).join('');
  }

  forget(): void {
    this.struck = [];
  }
}
