import type { Bike } from '@cadre/contract/fleet';
import { buildText, type FitList } from '@cadre/core/fleet';
import { differingFit, type Differing, type useBuildForm } from '@cadre/web/models';
import { BUILD_FIELDS } from '@cadre/web/words';
import { useFleet } from '@cadre/web/fleet';
import * as t from './messages';

/** The plain fields of a bike, as they are named where two people changed the same bike. */
export const PLAIN = {
  tag: t.tag,
  modelId: t.model,
  model: t.modelName,
  size: t.size,
  serial: t.serialNumber,
  boughtOn: t.bought,
  warrantyUntil: t.warrantyUntil,
  siteId: t.site,
  hookId: t.hook,
} as const;

export type BikeTexts = Record<keyof typeof PLAIN, string>;

function spoken(name: keyof typeof PLAIN, value: string): string {
  const fleet = useFleet();
  if (name === 'modelId') return fleet.modelOf({ modelId: value })?.name ?? value;
  if (name === 'siteId') return fleet.siteById.get(value)?.name ?? value;
  if (name === 'hookId')
    return (
      fleet.racks
        .flatMap((rack) => rack.hooks.map((hook) => ({ hook, rack })))
        .map(({ hook, rack }) =>
          hook.id === value ? t.nameHookNumber({ name: rack.name, number: hook.number }) : '',
        )
        .find(Boolean) ?? value
    );
  return value;
}

/** Both sides of a conflict, field by field: what is typed here, and what somebody else saved meanwhile. */
export function differingOf(
  other: Bike,
  fields: BikeTexts,
  form: ReturnType<typeof useBuildForm>,
  mine: FitList,
): readonly Differing[] {
  const plain = (Object.keys(PLAIN) as (keyof typeof PLAIN)[])
    .filter((name) => fields[name] !== (other[name] ?? ''))
    .map((name) => ({
      name: name,
      label: PLAIN[name],
      mine: spoken(name, fields[name]),
      theirs: spoken(name, other[name] ?? ''),
    }));
  const built = BUILD_FIELDS.filter(({ name }) => buildText(other.build, name) !== form.fields[name]).map(
    ({ name, label }) => ({
      name: `build.${name}`,
      label,
      mine: form.fields[name] ?? '',
      theirs: buildText(other.build, name),
    }),
  );
  const carried =
    [...form.accessories.value].sort().join(', ') === [...other.build.accessories].sort().join(', ')
      ? []
      : [
          {
            name: 'build.accessories',
            label: t.accessories,
            mine: form.accessories.value.join(', '),
            theirs: other.build.accessories.join(', '),
          },
        ];
  return [...plain, ...built, ...carried, ...differingFit(mine, other.fit)];
}
