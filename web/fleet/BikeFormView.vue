<script setup lang="ts">
import { computed, nextTick, onMounted, reactive, ref } from 'vue';
import { useRouter } from 'vue-router';
import { v7 as newId } from 'uuid';
import { addBike, bikeFields, changeBike, type Bike, type BikeFields } from '@cadre/contract/fleet';
import { ACCESSORIES, USUAL_BUILD, type Accessory, type BikeKind, type Build } from '@cadre/core/fleet';
import type { FieldIssue } from '@cadre/core/errors';
import { fieldWords, send } from '@cadre/web/app';
import { ActButton, ChoiceField, NoticePlate, TextField, useRefusal } from '@cadre/web/ui';
import BikeFigure from './BikeFigure.vue';
import { ACCESSORY_WORDS, BUILD_FIELDS } from './build-wording';
import { useFleet } from './use-fleet';
import { usePicked } from './use-picked';

/** A bike's fields and build, with its figure drawn as it is filled in. Nothing typed is ever lost to a refusal. */
const props = defineProps<{ bikeId?: string }>();
const fleet = useFleet();
const picked = usePicked();
const router = useRouter();
const refusal = useRefusal();
const before = ref<Bike | null>(null);
const theirs = ref<Bike | null>(null);
const own = ref<readonly FieldIssue[]>([]);
const id = newId();

const fields = reactive({ tag: '', model: '', size: '', serial: '', siteId: '', hookId: '' });
const build = reactive<Record<string, string>>({});
const accessories = ref<Accessory[]>([]);

function takeBuild(from: Build): void {
  const { accessories: carried, ...rest } = from;
  Object.assign(build, Object.fromEntries(Object.entries(rest).map(([name, value]) => [name, String(value)])));
  accessories.value = [...carried];
}
function takeBike(bike: Bike): void {
  before.value = bike;
  Object.assign(fields, { tag: bike.tag, model: bike.model, size: bike.size, serial: bike.serial, siteId: bike.siteId, hookId: bike.hookId ?? '' });
  takeBuild(bike.build as Build);
}
onMounted(async () => {
  if (!fleet.wall) await fleet.load();
  fields.siteId = fleet.wall?.sites[0]?.id ?? '';
  takeBuild(USUAL_BUILD.hybrid);
  const bike = props.bikeId ? fleet.bikeById.get(props.bikeId) : undefined;
  if (bike) takeBike(bike);
});

const entered = computed((): unknown => ({
  ...fields,
  hookId: fields.hookId || null,
  build: { ...build, sprockets: Number(build.sprockets), accessories: accessories.value },
}));
const drawn = computed((): Build | null => {
  const parsed = bikeFields.shape.build.safeParse((entered.value as { build: unknown }).build);
  return parsed.success ? (parsed.data as Build) : null;
});
const sites = computed(() => (fleet.wall?.sites ?? []).map((site) => ({ value: site.id, label: site.name })));
const hooks = computed(() => {
  const taken = new Set(fleet.bikes.filter((bike) => bike.id !== props.bikeId).map((bike) => bike.hookId));
  const free = (fleet.wall?.racks ?? [])
    .filter((rack) => rack.siteId === fields.siteId)
    .flatMap((rack) =>
      rack.hooks.filter((hook) => !taken.has(hook.id)).map((hook) => ({ value: hook.id, label: `${rack.name}, hook ${hook.number}` })),
    );
  return [{ value: '', label: 'On no hook' }, ...free];
});
const errorOf = (path: string): string | null => {
  const issue = [...own.value, ...refusal.fields.value].find((each) => each.path === path);
  return issue ? fieldWords(issue.code, issue.params) : null;
};
function kindChosen(): void {
  // A kind brings its usual build; what was fitted otherwise is changed below.
  takeBuild(USUAL_BUILD[build.kind as BikeKind]);
}

/** After a refusal: to the first wrong field, else to what was said, at the top. */
async function show(): Promise<void> {
  await nextTick();
  const wrong = document.querySelector<HTMLElement>('form [aria-invalid=true]');
  if (wrong) {
    wrong.scrollIntoView({ block: 'center' });
    wrong.focus({ preventScroll: true });
  } else window.scrollTo({ top: 0 });
}

async function save(): Promise<void> {
  const parsed = bikeFields.safeParse(entered.value);
  own.value = parsed.success
    ? []
    : parsed.error.issues.map((issue) => ({
        path: issue.path.join('.'),
        code: issue.code ?? 'invalid',
        params: { minimum: 'minimum' in issue ? Number(issue.minimum) : null, maximum: 'maximum' in issue ? Number(issue.maximum) : null },
      }));
  if (!parsed.success) {
    refusal.said.value = { what: 'Something is not filled in right.', todo: 'See the fields marked below.' };
    return show();
  }
  const body: BikeFields = parsed.data;
  const saved = await refusal.run(async () => {
    const version = before.value?.version;
    const bike =
      props.bikeId && version
        ? await send(changeBike, { params: { id: props.bikeId }, body: { ...body, version } })
        : await send(addBike, { body: { id, ...body } });
    fleet.put(bike);
    picked.id = bike.id;
    await router.push({ name: 'wall' });
  });
  if (!saved && refusal.error.value?.problem.code === 'conflict.version') theirs.value = refusal.error.value.problem.current as Bike;
  if (!saved) await show();
}
/** Both sides of a conflict, field by field. */
const differing = computed(() => {
  const other = theirs.value;
  if (!other) return [];
  const mine = entered.value as BikeFields;
  const plain = (['tag', 'model', 'size', 'serial', 'hookId'] as const)
    .filter((name) => (mine[name] ?? '') !== (other[name] ?? ''))
    .map((name) => ({ name: name as string, mine: String(mine[name] ?? ''), theirs: String(other[name] ?? '') }));
  const built = BUILD_FIELDS.filter(({ name }) => String(other.build[name]) !== build[name]).map(({ name, label }) => ({
    name: label,
    mine: build[name] ?? '',
    theirs: String(other.build[name]),
  }));
  return [...plain, ...built];
});
function keepMine(): void {
  if (theirs.value) before.value = theirs.value;
  theirs.value = null;
  void save();
}
function takeTheirs(): void {
  if (theirs.value) takeBike(theirs.value);
  theirs.value = null;
  refusal.said.value = null;
}
</script>

<template>
  <main class="mx-auto max-w-6xl px-4 pb-12 pt-4">
    <h1 class="sturdy text-2xl">{{ bikeId ? `Edit ${before?.tag ?? ''}` : 'Add a bike' }}</h1>
    <form class="mt-3 grid gap-6 min-[900px]:grid-cols-[1fr_22rem]" novalidate @submit.prevent="save">
      <div class="space-y-5">
        <NoticePlate v-if="refusal.said.value" :said="refusal.said.value" />
        <section v-if="theirs" class="rounded-md border-2 border-watch bg-watch-wash p-3" aria-label="Both sides">
          <table class="w-full text-left">
            <thead>
              <tr>
                <th class="pr-3">Field</th>
                <th class="pr-3">Yours</th>
                <th>Theirs</th>
              </tr>
            </thead>
            <tbody>
              <tr v-for="each in differing" :key="each.name">
                <td class="pr-3">{{ each.name }}</td>
                <td class="pr-3 font-semibold">{{ each.mine || '(empty)' }}</td>
                <td class="font-semibold">{{ each.theirs || '(empty)' }}</td>
              </tr>
            </tbody>
          </table>
          <div class="mt-2 flex gap-2"><ActButton @click="keepMine">Keep mine</ActButton><ActButton @click="takeTheirs">Take theirs</ActButton></div>
        </section>
        <fieldset class="grid gap-3 sm:grid-cols-2">
          <legend class="sturdy mb-2 text-lg">The bike</legend>
          <TextField v-model="fields.tag" label="Tag" hint="Short: letters, digits, dashes" :error="errorOf('tag')" />
          <TextField v-model="fields.model" label="Model" :error="errorOf('model')" />
          <TextField v-model="fields.size" label="Size" :error="errorOf('size')" />
          <TextField v-model="fields.serial" label="Serial number" :error="errorOf('serial')" />
          <ChoiceField v-model="fields.siteId" label="Site" :options="sites" :error="errorOf('siteId')" />
          <ChoiceField v-model="fields.hookId" label="Hook" :options="hooks" :error="errorOf('hookId')" />
        </fieldset>
        <fieldset class="grid gap-3 sm:grid-cols-2 lg:grid-cols-3">
          <legend class="sturdy mb-2 text-lg">Build: it decides what is asked</legend>
          <template v-for="field in BUILD_FIELDS" :key="field.name">
            <TextField
              v-if="field.name === 'sprockets'"
              v-model="build[field.name]!"
              :label="field.label"
              type="number"
              :error="errorOf(`build.${field.name}`)"
            />
            <ChoiceField
              v-else
              v-model="build[field.name]!"
              :label="field.label"
              :options="field.options"
              :error="errorOf(`build.${field.name}`)"
              @change="field.name === 'kind' && kindChosen()"
            />
          </template>
        </fieldset>
        <fieldset>
          <legend class="sturdy mb-1 text-lg">Carries</legend>
          <div class="flex flex-wrap gap-x-5">
            <label v-for="each in ACCESSORIES" :key="each" class="flex min-h-12 items-center gap-2"
              ><input v-model="accessories" type="checkbox" :value="each" class="size-6" />{{ ACCESSORY_WORDS[each] }}</label
            >
          </div>
        </fieldset>
      </div>
      <div class="min-[900px]:sticky min-[900px]:top-24 min-[900px]:self-start">
        <div class="h-64 rounded-lg border-2 border-line bg-plate p-2"><BikeFigure v-if="drawn" :build="drawn" label="The bike as built" /></div>
        <ActButton kind="main" big type="submit" class="mt-3 w-full" :disabled="refusal.busy.value" data-save>{{
          bikeId ? 'Save' : 'Add this bike'
        }}</ActButton>
      </div>
    </form>
  </main>
</template>
