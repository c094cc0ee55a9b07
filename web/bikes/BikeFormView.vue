<script setup lang="ts">
import { computed, nextTick, onMounted, reactive, ref } from 'vue';
import { useRouter } from 'vue-router';
import { addBike, changeBike, type Bike, type BikeFields } from '@cadre/contract/fleet';
import { bikeFields } from '@cadre/contract/fleet/schemas';
import { buildText, differingFields, type FitList } from '@cadre/core/fleet';
import type { FieldIssue } from '@cadre/core/errors';
import { fieldWords } from '@cadre/web/platform/api';
import { useAct } from '@cadre/web/platform/act';
import { ActButton, DisclosureBox, NoticePlate, useRefusal } from '@cadre/web/ui';
import { BikeFigure } from '@cadre/web/figures';
import { BothSides, BuildFields, FitFields, mergeFit, useBuildForm } from '@cadre/web/models';
import { BUILD_FIELDS } from '@cadre/web/words';
import { useFleet, usePicked } from '@cadre/web/fleet';
import { differingOf, PLAIN, type BikeTexts } from './bike-differing';
import BikeIdentity from './BikeIdentity.vue';
import * as t from './messages';

/** A bike's fields and build, with its figure drawn as it is filled in. Nothing typed is ever lost to a refusal. */
const props = defineProps<{ bikeId?: string }>();
const fleet = useFleet();
const picked = usePicked();
const router = useRouter();
const refusal = useRefusal();
const act = useAct();
const before = ref<Bike | null>(null);
const theirs = ref<Bike | null>(null);
const own = ref<readonly FieldIssue[]>([]);
const form = useBuildForm();
const fitFields = ref<InstanceType<typeof FitFields> | null>(null);
const fit = ref<FitList>({});
const NAMES = Object.keys(PLAIN) as (keyof BikeTexts)[];
const fields = reactive(Object.fromEntries(NAMES.map((name) => [name, ''])) as BikeTexts);

function takeBike(bike: Bike): void {
  before.value = bike;
  for (const name of NAMES) fields[name] = bike[name] ?? '';
  form.take(bike.build);
  fit.value = bike.fit;
}
onMounted(async () => {
  if (!fleet.wall) await fleet.load();
  fields.siteId = fleet.wall?.sites[0]?.id ?? '';
  const bike = props.bikeId ? fleet.bikeById.get(props.bikeId) : undefined;
  if (bike) takeBike(bike);
});

const model = computed(() => fleet.modelOf(fields));
/** Choosing a model brings its build; what this bike has otherwise is changed below and kept as its own. */
function modelChosen(): void {
  if (model.value) form.take(model.value.build);
}
const differs = computed(
  () =>
    new Set<string>(
      model.value && form.drawn.value ? differingFields(model.value.build, form.drawn.value) : [],
    ),
);
const issues = computed(() => [...own.value, ...refusal.fields.value]);
const errorOf = (path: string): string | null => {
  const issue = issues.value.find((each) => each.path === path);
  return issue ? fieldWords(issue.code, issue.params) : null;
};

/** After a refusal: to the first wrong field, else to what was said, at the top. */
async function show(): Promise<void> {
  await nextTick();
  const wrong = document.querySelector<HTMLElement>('form [aria-invalid=true]');
  if (wrong) {
    wrong.scrollIntoView({ block: 'center' });
    wrong.focus({ preventScroll: true });
  } else window.scrollTo({ top: 0 });
}

function entered(): { values: unknown; issues: readonly FieldIssue[] } {
  const read = fitFields.value?.collect() ?? { fit: fit.value, issues: [] };
  return {
    values: {
      ...fields,
      modelId: fields.modelId || null,
      model: model.value?.name ?? fields.model,
      hookId: fields.hookId || null,
      build: form.entered.value,
      fit: read.fit,
    },
    issues: read.issues,
  };
}

async function save(): Promise<void> {
  const { values, issues: unread } = entered();
  const parsed = bikeFields.safeParse(values);
  own.value = [
    ...unread,
    ...(parsed.success
      ? []
      : parsed.error.issues.map((issue) => ({
          path: issue.path.join('.'),
          code: issue.code ?? 'invalid',
          params: {
            minimum: 'minimum' in issue ? Number(issue.minimum) : null,
            maximum: 'maximum' in issue ? Number(issue.maximum) : null,
          },
        }))),
  ];
  if (!parsed.success || own.value.length > 0) {
    refusal.said.value = { what: t.someValuesMissingWrong, todo: t.correctFieldsMarkedBelow };
    return show();
  }
  const body: BikeFields = parsed.data;
  const saved = await refusal.run(async () => {
    const version = before.value?.version;
    const bike =
      props.bikeId && version
        ? await act(changeBike, { params: { id: props.bikeId }, body: { ...body, version } })
        : await act(addBike, { body });
    fleet.put(bike);
    picked.id = bike.id;
    await router.push({ name: 'wall' });
  });
  if (!saved && refusal.error.value?.problem.code === 'conflict.version')
    theirs.value = refusal.error.value.problem.current as Bike;
  if (!saved) await show();
}

const differing = computed(() =>
  theirs.value ? differingOf(theirs.value, fields, form, fitFields.value?.collect().fit ?? fit.value) : [],
);
function chosen(names: ReadonlySet<string>): void {
  const other = theirs.value;
  if (!other) return;
  for (const name of NAMES) if (names.has(name)) fields[name] = other[name] ?? '';
  for (const { name } of BUILD_FIELDS)
    if (names.has(`build.${name}`)) form.fields[name] = buildText(other.build, name);
  if (names.has('build.accessories')) form.accessories.value = [...other.build.accessories];
  fit.value = mergeFit(fitFields.value?.collect().fit ?? fit.value, other.fit, names);
  before.value = other;
  theirs.value = null;
  refusal.said.value = null;
  void nextTick(save);
}
</script>

<template>
  <main class="max-w-6xl px-4 pb-12 pt-3">
    <h1 class="sturdy text-2xl">{{ bikeId ? t.editTag({ tag: before?.tag ?? '' }) : t.addBike }}</h1>
    <form class="mt-3 grid gap-6 min-[900px]:grid-cols-[1fr_22rem]" novalidate @submit.prevent="save">
      <div class="min-w-0 space-y-5">
        <NoticePlate v-if="refusal.said.value && !theirs" :said="refusal.said.value" />
        <BothSides v-if="theirs" :differing="differing" @chosen="chosen" />
        <BikeIdentity
          :fields="fields"
          :bike-id="bikeId"
          :error-of="errorOf"
          @change="(part) => Object.assign(fields, part)"
          @model="modelChosen"
        />
        <BuildFields :error-of="errorOf" :own="differs" />
        <DisclosureBox
          :open="issues.some((issue) => issue.path.startsWith('fit.'))"
          :title="t.partValuesBikePart({ part: model ? t.usedInsteadItsModels : '' })"
        >
          <FitFields
            v-if="form.drawn.value"
            ref="fitFields"
            :build="form.drawn.value"
            :fit="fit"
            :inherited="model?.fit"
            :issues="issues"
            class="mt-2"
          />
        </DisclosureBox>
      </div>
      <div class="min-[900px]:sticky min-[900px]:top-[calc(var(--strip)+1rem)] min-[900px]:self-start">
        <div class="h-64 rounded-lg border-2 border-line bg-plate p-2">
          <BikeFigure v-if="form.drawn.value" :build="form.drawn.value" :label="t.bikeBuild" />
        </div>
        <p v-if="model && differs.size" class="mt-2 text-watch">
          {{
            t.partFromNameLater({
              part: differs.size === 1 ? t.oneFieldDiffers : t.sizeFieldsDiffer({ size: differs.size }),
              name: model.name,
            })
          }}
        </p>
        <ActButton
          kind="main"
          big
          type="submit"
          class="mt-3 w-full"
          :disabled="refusal.busy.value"
          data-save
          >{{ bikeId ? t.save : t.addBike }}</ActButton
        >
      </div>
    </form>
  </main>
</template>
