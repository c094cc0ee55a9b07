/** A service with a day it falls due on. */
interface Due {
  readonly service: string;
  readonly name: string;
  readonly dueAt: number;
}

/** What other rules do to one service over a fleet. */
export interface ServiceEffect {
  readonly service: string;
  readonly name: string;
  /** Bikes on which it falls due sooner, later, for the first time, or no more. */
  readonly sooner: number;
  readonly later: number;
  readonly added: number;
  readonly gone: number;
  /** Bikes on which it would be overdue at once, and is not now. */
  readonly overdueNow: readonly string[];
}

/** What a change of rules does to the services of bikes: one line for each service that falls due otherwise on any, by name. */
export function servicesEffect(
  bikes: readonly { readonly tag: string; readonly before: readonly Due[]; readonly after: readonly Due[] }[],
  now: number,
): readonly ServiceEffect[] {
  const lines = new Map<
    string,
    { -readonly [K in keyof ServiceEffect]: ServiceEffect[K] } & { overdueNow: string[] }
  >();
  for (const { tag, before, after } of bikes) {
    const byService = (list: readonly Due[]): ReadonlyMap<string, Due> =>
      new Map(list.map((each) => [each.service, each]));
    const [was, is] = [byService(before), byService(after)];
    for (const service of new Set([...was.keys(), ...is.keys()])) {
      const [old, next] = [was.get(service), is.get(service)];
      if (old?.dueAt === next?.dueAt) continue;
      const line = lines.get(service) ?? {
        ...{ service, name: next?.name ?? old?.name ?? service },
        ...{ sooner: 0, later: 0, added: 0, gone: 0, overdueNow: [] },
      };
      lines.set(service, line);
      if (!old) line.added += 1;
      else if (!next) line.gone += 1;
      else line[next.dueAt < old.dueAt ? 'sooner' : 'later'] += 1;
      if (next && next.dueAt <= now && (old?.dueAt ?? Infinity) > now) line.overdueNow.push(tag);
    }
  }
  return [...lines.values()].sort((a, b) => (a.name < b.name ? -1 : 1));
}
