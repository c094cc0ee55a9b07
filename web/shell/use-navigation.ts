import { computed } from 'vue';
import { useRoute } from 'vue-router';
import { useSession } from '@cadre/web/people';
import { AREAS, type Area } from '@cadre/web/platform/nav';
import { VIEWS } from './views';
import * as t from './messages';

export const AREA_WORDS: Record<Area, string> = {
  today: t.today,
  workshop: t.workshop,
  plan: t.plan,
  fleet: t.fleet,
  learn: t.learn,
  setup: t.setUp,
};

export interface NavView {
  readonly name: string;
  readonly label: string;
}

export interface NavArea {
  readonly area: Area;
  readonly label: string;
  readonly views: readonly NavView[];
}

/** The views of the navigation that a person may use, by area, and where one is among them. */
export function useNavigation() {
  const route = useRoute();
  const session = useSession();
  const areas = computed<readonly NavArea[]>(() =>
    AREAS.map((area) => ({
      area,
      label: AREA_WORDS[area],
      views: VIEWS.filter(
        ({ meta }) => meta?.nav?.area === area && (!meta.nav.act || session.may(meta.nav.act)),
      )
        .toSorted((a, b) => (a.meta?.nav?.order ?? 0) - (b.meta?.nav?.order ?? 0))
        .map(({ name, meta }) => ({ name: String(name), label: meta?.title ?? '' })),
    })).filter((each) => each.views.length > 0),
  );
  const view = computed(() => route.meta.under ?? String(route.name ?? ''));
  const area = computed(() => {
    const here = VIEWS.find(({ name }) => name === view.value);
    return areas.value.find((each) => each.area === here?.meta?.nav?.area) ?? null;
  });
  return { areas, area, view };
}
