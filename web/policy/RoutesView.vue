<script setup lang="ts">
import { computed, onMounted, ref } from 'vue';
import { ROUTE_KEYS, zonesOf, type OwnRoute, type Route } from '@cadre/core/catalogue';
import { BIKE_KINDS, USUAL_BUILD, type BikeKind } from '@cadre/core/fleet';
import { BikeFigure } from '@cadre/web/figures';
import { KIND_WORDS, ZONE_WORDS } from '@cadre/web/words';
import { useSession } from '@cadre/web/people';
import { ActButton, NoticePlate, SelectField, useRefusal } from '@cadre/web/ui';
import { keyFrom, ROUTE_REASONS, ROUTE_WORDS } from '@cadre/web/catalogue';
import RouteForm from './RouteForm.vue';
import { usePolicyForm } from './use-policy-form';
import * as t from './messages';

/** The ways round a bike: five that ship, and the house's own. A checklist takes one with it when it is published. */
const session = useSession();
const refusal = useRefusal();
const form = usePolicyForm();
const kind = ref<BikeKind>('hardtail');
const writing = ref<OwnRoute | null>(null);
onMounted(() => refusal.run(form.begin));
const own = computed(() => form.choices.value?.ownRoutes ?? []);
const shown = computed<readonly { key: string; name: string; reason: string; route: Route; own: boolean }[]>(
  () => [
    ...own.value.map((route) => ({
      key: route.key,
      name: route.name,
      reason: t.madeYourProgram,
      route: route,
      own: true,
    })),
    ...ROUTE_KEYS.map((key) => ({
      key: key,
      name: ROUTE_WORDS[key],
      reason: ROUTE_REASONS[key],
      route: key,
      own: false,
    })),
  ],
);
function write(from: Route): void {
  writing.value = { key: '', name: '', zones: [...zonesOf(from)] };
}
const keep = (): void => {
  const route = writing.value;
  if (!route) return;
  const key = route.key || keyFrom(`route-${route.name}`, new Set(own.value.map((each) => each.key)));
  void save(
    [...own.value.filter((each) => each.key !== key), { ...route, key, name: route.name.trim() }],
    t.routeName({ name: route.name.trim() }),
  );
};
const remove = (key: string): void =>
  void save(
    own.value.filter((each) => each.key !== key),
    t.routeDeleted,
  );
async function save(routes: readonly OwnRoute[], note: string): Promise<void> {
  form.set({ ownRoutes: routes.map((route) => ({ ...route, zones: [...route.zones] })) });
  if (await refusal.run(() => form.publish(note))) writing.value = null;
}
</script>

<template>
  <main class="mx-auto max-w-[100rem] px-4 pb-12 pt-4">
    <NoticePlate v-if="refusal.said.value" class="mt-3" :said="refusal.said.value" />
    <div class="mt-3 flex flex-wrap items-end gap-3">
      <div class="grow">
        <h1 class="sturdy text-2xl">{{ t.routes }}</h1>
        <p class="text-soft">
          {{ t.routeOrderZonesZones }}
        </p>
      </div>
      <SelectField
        v-model="kind"
        :label="t.showOn"
        :options="BIKE_KINDS.map((each) => ({ value: each, label: KIND_WORDS[each] }))"
      />
      <ActButton
        v-if="session.may('edit-program')"
        kind="main"
        data-new-route
        @click="write('m-front-first')"
        >{{ t.routeEditor }}</ActButton
      >
    </div>
    <RouteForm
      v-if="writing"
      v-model="writing"
      class="mt-4"
      :kind="kind"
      :busy="refusal.busy.value"
      @save="keep"
      @close="writing = null"
    />
    <ul class="mt-4 grid gap-4 sm:grid-cols-2 xl:grid-cols-3">
      <li
        v-for="each in shown"
        :key="each.key"
        class="flex flex-col rounded-lg border-2 border-ink/60 bg-plate p-3"
        :data-route="each.key"
      >
        <h2 class="sturdy text-lg">{{ each.name }}</h2>
        <p class="leading-snug text-soft">{{ each.reason }}</p>
        <div class="mt-2 h-56">
          <BikeFigure
            :build="USUAL_BUILD[kind]"
            :label="t.nameRouteRoundBike({ name: each.name })"
            :route="each.route"
            numbered
            :zones="zonesOf(each.route)"
          />
        </div>
        <p class="mt-2 grow text-[0.95rem] leading-snug">
          {{
            zonesOf(each.route)
              .map((zone) => ZONE_WORDS[zone].toLowerCase())
              .join(' → ')
          }}
        </p>
        <div v-if="session.may('edit-program')" class="mt-1 flex flex-wrap gap-x-4">
          <ActButton kind="quiet" @click="write(each.route)">{{ t.copyAsNewRoute }}</ActButton>
          <ActButton v-if="each.own" kind="quiet" @click="remove(each.key)">{{ t.deleteRoute }}</ActButton>
        </div>
      </li>
    </ul>
  </main>
</template>
