/** A change told this soon after an answer of one's own may have been read before it. */
const DOUBTFUL_MS = 2000;

/** When each bike was last taken over, and when last as the answer to an act of this browser: what may have been read before must not be shown over it. */
export class LastShown {
  private readonly at = new Map<string, number>();
  private readonly answeredAt = new Map<string, number>();

  shown(id: string): void {
    this.at.set(id, performance.now());
  }
  answered(id: string): void {
    this.answeredAt.set(id, performance.now());
  }
  /** Whether a bike told by the stream just now may be older than the answer to an own act. */
  mayBeOlder(id: string): boolean {
    return (this.answeredAt.get(id) ?? -Infinity) > performance.now() - DOUBTFUL_MS;
  }
  /** Whether a bike was taken over since the moment: what was asked for at it may be older. */
  since(id: string, moment: number): boolean {
    return (this.at.get(id) ?? -Infinity) > moment;
  }
  allSince(moment: number): readonly string[] {
    return [...this.at.keys()].filter((id) => this.since(id, moment));
  }
}
