/** How many of a variable a limit counts. */
export interface Term {
  readonly variable: number;
  readonly times: number;
}

/** A sum of variables that may not pass a number, or fall below one. */
export interface Limit {
  readonly terms: readonly Term[];
  readonly least: number;
  readonly most: number;
}

/** Whole numbers to choose, each from 0 to its most, so that what they are worth together is the most within every limit. */
export class IntegerModel {
  readonly most: number[] = [];
  readonly worth: number[] = [];
  readonly limits: Limit[] = [];

  /** A number from 0 to `most`, worth so much a piece. Answers which one it is. */
  variable(most: number, worth: number): number {
    this.most.push(most);
    this.worth.push(worth);
    return this.most.length - 1;
  }

  atMost(terms: readonly Term[], most: number): void {
    if (terms.length > 0) this.limits.push({ terms, least: -Infinity, most });
  }

  exactly(terms: readonly Term[], count: number): void {
    this.limits.push({ terms, least: count, most: count });
  }

  /** What a choice is worth; −∞ where it breaks a limit. */
  worthOf(values: readonly number[]): number {
    const sum = (terms: readonly Term[]): number =>
      terms.reduce((all, { variable, times }) => all + times * (values[variable] ?? 0), 0);
    const within =
      this.most.every((most, at) => {
        const value = values[at] ?? 0;
        return Number.isInteger(value) && value >= 0 && value <= most;
      }) &&
      this.limits.every(({ terms, least, most }) => {
        const all = sum(terms);
        return all >= least && all <= most;
      });
    return within
      ? this.worth.reduce((all, worth, variable) => all + worth * (values[variable] ?? 0), 0)
      : -Infinity;
  }
}
