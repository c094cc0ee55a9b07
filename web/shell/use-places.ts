import { computed } from 'vue';
import type { Place } from '@cadre/web/find';
import { useFleet } from '@cadre/web/fleet';
import { useSession } from '@cadre/web/people';
import { useNavigation } from './use-navigation';
import { VIEWS } from './views';
import * as t from './messages';

/** Everything the command field leads to besides bikes: views, acts and, for a lead, people. */
export function usePlaces() {
  const { areas } = useNavigation();
  const session = useSession();
  const fleet = useFleet();
  return computed<readonly Place[]>(() => [
    ...areas.value.flatMap((area) =>
      area.views.map((view) => ({
        key: view.name,
        label: view.label,
        kind: area.label,
        to: { name: view.name },
      })),
    ),
    ...VIEWS.flatMap(({ name, meta }) =>
      meta?.command && (!meta.command.act || session.may(meta.command.act))
        ? [{ key: String(name), label: meta.command.label, kind: t.action, to: { name: String(name) } }]
        : [],
    ),
    ...(session.may('edit-program')
      ? (fleet.wall?.people ?? []).map((person) => ({
          key: person.id,
          label: person.name,
          kind: t.person,
          to: { name: 'people' },
        }))
      : []),
  ]);
}
