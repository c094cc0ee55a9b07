import type { Bike } from '@cadre/contract/fleet';
import type { Wall } from '@cadre/contract/wall';
import { savePlain, savedValue } from '@cadre/web/platform/local-db';

const WHOLE = 'wall';
const CHANGED = 'wall-changed';

/**
 * The wall as this browser keeps it for times without signal: the server's own text, and beside it the bikes
 * that changed since. Megabytes of objects would stop the screen while they are copied; a text does not, and
 * a change writes one bike.
 */
export class SavedWall {
  private changed = new Map<string, Bike>();
  private writing: Promise<void> = Promise.resolve();

  whole(text: string): void {
    this.changed = new Map();
    this.write(async () => {
      await savePlain(WHOLE, text);
      await savePlain(CHANGED, []);
    });
  }

  change(bikes: readonly Bike[]): void {
    for (const bike of bikes) this.changed.set(bike.id, bike);
    const all = [...this.changed.values()];
    this.write(() => savePlain(CHANGED, JSON.parse(JSON.stringify(all))));
  }

  /** One after the other, so that a change never lands before the whole it belongs to. */
  private write(write: () => Promise<void>): void {
    // One that fails is told where every uncaught error is; the next is tried all the same.
    this.writing = this.writing.then(write).catch((error: unknown) => reportError(error));
  }

  async read(): Promise<Wall | null> {
    const text = await savedValue<string>(WHOLE);
    if (typeof text !== 'string') return null;
    const wall = JSON.parse(text) as Wall;
    const changed = new Map(((await savedValue<Bike[]>(CHANGED)) ?? []).map((bike) => [bike.id, bike]));
    const known = new Set(wall.bikes.map((bike) => bike.id));
    return {
      ...wall,
      bikes: [
        ...wall.bikes.map((bike) => changed.get(bike.id) ?? bike),
        ...[...changed.values()].filter((bike) => !known.has(bike.id)),
      ],
    };
  }
}
