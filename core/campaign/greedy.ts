import { STEP_MINUTES, type CampaignClass, type CampaignModel, type Doing } from './campaign-model';

/** A quick choice: what stood somewhere stays there where it can, then what has the fewest days comes first, then the longest, each on the day with the least so far. */
export function greedyCampaign(campaign: CampaignModel, stand: number): readonly number[] {
  const { classes, doing, staying, model, busiest, busiestPerson, spentOn } = campaign;
  const values = model.most.map(() => 0);
  const load = [...spentOn];
  const spent = new Map<string, number>();
  const ofPerson = campaign.fixed.spent.map((days) => days.reduce((sum, minutes) => sum + minutes, 0));
  const minutesOf = (of: number): number => classes[of]?.minutes ?? 0;
  const keyOf = ({ person, day }: Doing): string => `${person} ${day}`;
  const placed = classes.map(() => 0);
  const fits = (each: Doing): boolean =>
    (placed[each.of] ?? 0) < (classes[each.of]?.bikes.length ?? 0) &&
    (values[each.variable] ?? 0) < (model.most[each.variable] ?? 0) &&
    (load[each.day] ?? 0) + minutesOf(each.of) <= stand &&
    (spent.get(keyOf(each)) ?? 0) + minutesOf(each.of) <= (campaign.room[each.person]?.[each.day] ?? 0);
  const place = (each: Doing): void => {
    const { variable, of, day } = each;
    values[variable] = (values[variable] ?? 0) + 1;
    load[day] = (load[day] ?? 0) + minutesOf(of);
    spent.set(keyOf(each), (spent.get(keyOf(each)) ?? 0) + minutesOf(of));
    ofPerson[each.person] = (ofPerson[each.person] ?? 0) + minutesOf(of);
    placed[of] = (placed[of] ?? 0) + 1;
  };
  const byVariable = new Map(doing.map((each) => [each.variable, each]));
  for (const { variable, doing: stood, most } of staying)
    for (let at = 0; at < most; at += 1) {
      const each = byVariable.get(stood);
      if (!each || !fits(each)) break;
      place(each);
      values[variable] = (values[variable] ?? 0) + 1;
    }
  const order = [...classes.keys()].toSorted((a, b) => {
    const [one, other] = [classes[a] as CampaignClass, classes[b] as CampaignClass];
    return other.from - one.from || other.minutes - one.minutes;
  });
  for (const of of order) {
    const own = doing.filter((each) => each.of === of);
    for (let at = placed[of] ?? 0; at < (classes[of]?.bikes.length ?? 0); at += 1) {
      const [best] = own
        .filter(fits)
        .toSorted(
          (a, b) =>
            (load[a.day] ?? 0) - (load[b.day] ?? 0) ||
            a.day - b.day ||
            (ofPerson[a.person] ?? 0) - (ofPerson[b.person] ?? 0),
        );
      if (!best) break;
      place(best);
    }
  }
  const used = new Set(doing.map((each) => each.day));
  values[busiest] = Math.max(0, ...[...used].map((day) => Math.ceil((load[day] ?? 0) / STEP_MINUTES)));
  values[busiestPerson] = Math.ceil(Math.max(0, ...ofPerson) / STEP_MINUTES);
  return values;
}
