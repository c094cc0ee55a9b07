<script setup lang="ts">
import { computed, nextTick, onMounted, ref } from 'vue';
import { useRouter } from 'vue-router';
import { addModel, changeModel, type Model } from '@cadre/contract/fleet';
import type { FieldIssue } from '@cadre/core/errors';
import { buildText, type FitList } from '@cadre/core/fleet';
import { fieldWords } from '@cadre/web/platform/api';
import { useAct } from '@cadre/web/platform/act';
import { useSession } from '@cadre/web/people';
import { ActButton, NoticePlate, TextField, useRefusal } from '@cadre/web/ui';
import { BikeFigure } from '@cadre/web/figures';
import BothSides, { type Differing } from './BothSides.vue';
import { BUILD_FIELDS } from '@cadre/web/words';
import BuildFields from './BuildFields.vue';
import FitFields from './FitFields.vue';
import { differingFit, mergeFit } from './merge-fit';
import { useBuildForm } from './use-build-form';
import { useFleet } from '@cadre/web/fleet';
import * as t from './messages';

/** A model's build and fit list, entered once for all its bikes. */
const props = defineProps<{ modelId?: string }>();
const fleet = useFleet();
const session = useSession();
const router = useRouter();
const refusal = useRefusal();
const act = useAct();
const name = ref('');
const form = useBuildForm();
const fit = ref<FitList>({});
const fitFields = ref<InstanceType<typeof FitFields> | null>(null);
const before = ref<Model | null>(null);
const theirs = ref<Model | null>(null);
const own = ref<readonly FieldIssue[]>([]);
const said = ref('');

function take(model: Model): void {
  before.value = model;
  name.value = model.name;
  form.take(model.build);
  fit.value = model.fit;
}
onMounted(async () => {
  if (!fleet.wall) await fleet.load();
  const model = fleet.modelOf({ modelId: props.modelId ?? null });
  if (model) take(model);
});
const bikes = computed(() => fleet.bikes.filter((bike) => bike.modelId === props.modelId));
const issues = computed(() => [...own.value, ...refusal.fields.value]);
const errorOf = (path: string): string | null => {
  const issue = issues.value.find((each) => each.path === path);
  return issue ? fieldWords(issue.code, issue.params) : null;
};

async function save(): Promise<void> {
  said.value = '';
  const read = fitFields.value?.collect() ?? { fit: fit.value, issues: [] };
  own.value = [
    ...read.issues,
    ...(form.drawn.value
      ? []
      : [{ path: 'build.sprockets', code: 'too_big', params: { maximum: 14 } } as const]),
    ...(name.value.trim() ? [] : [{ path: 'name', code: 'required' } as const]),
  ];
  if (own.value.length > 0 || !form.drawn.value) {
    refusal.said.value = { what: t.someValuesMissingWrong, todo: t.correctFieldsMarkedBelow };
    await nextTick();
    document.querySelector<HTMLElement>('form [aria-invalid=true]')?.focus();
    return;
  }
  const body = {
    name: name.value.trim(),
    build: { ...form.drawn.value, accessories: [...form.drawn.value.accessories] },
    fit: { ...read.fit },
  };
  const done = await refusal.run(async () => {
    if (props.modelId && before.value) {
      const answer = await act(changeModel, {
        params: { id: props.modelId },
        body: { ...body, version: before.value.version },
      });
      before.value = answer.model;
      fit.value = answer.model.fit;
      said.value = t.savedBuildBikeChanged({
        bikes: answer.bikes,
        part: answer.due ? t.bikeNowDueBecause({ due: answer.due }) : '',
      });
      await fleet.load();
    } else {
      await act(addModel, { body });
      await fleet.load();
      await router.push({ name: 'models' });
    }
  });
  if (!done && refusal.error.value?.problem.code === 'conflict.version')
    theirs.value = refusal.error.value.problem.current as Model;
}

const differing = computed((): readonly Differing[] => {
  const other = theirs.value;
  if (!other) return [];
  const mine = fitFields.value?.collect().fit ?? fit.value;
  return [
    ...(name.value === other.name
      ? []
      : [{ name: 'name', label: t.name, mine: name.value, theirs: other.name }]),
    ...BUILD_FIELDS.filter((field) => buildText(other.build, field.name) !== form.fields[field.name]).map(
      (field) => ({
        name: `build.${field.name}`,
        label: field.label,
        mine: form.fields[field.name] ?? '',
        theirs: buildText(other.build, field.name),
      }),
    ),
    ...differingFit(mine, other.fit),
  ];
});
function chosen(names: ReadonlySet<string>): void {
  const other = theirs.value;
  if (!other) return;
  if (names.has('name')) name.value = other.name;
  for (const field of BUILD_FIELDS)
    if (names.has(`build.${field.name}`)) form.fields[field.name] = buildText(other.build, field.name);
  fit.value = mergeFit(fitFields.value?.collect().fit ?? fit.value, other.fit, names);
  before.value = other;
  theirs.value = null;
  refusal.said.value = null;
  void nextTick(save);
}
</script>

<template>
  <main class="max-w-6xl px-4 pb-12 pt-3">
    <h1 class="sturdy text-2xl">{{ modelId ? (before?.name ?? t.model) : t.addModel }}</h1>
    <form class="mt-3 grid gap-6 min-[900px]:grid-cols-[1fr_20rem]" novalidate @submit.prevent="save">
      <fieldset class="min-w-0 space-y-5" :disabled="!session.may('edit-fleet')">
        <NoticePlate v-if="refusal.said.value && !theirs" :said="refusal.said.value" />
        <p v-if="said" role="status" class="rounded-md border-2 border-act bg-plate px-4 py-2 font-semibold">
          {{ said }}
        </p>
        <BothSides v-if="theirs" :differing="differing" @chosen="chosen" />
        <TextField v-model="name" :label="t.name" :hint="t.asWrittenOnYour" :error="errorOf('name')" />
        <section aria-labelledby="fit-list">
          <h2 id="fit-list" class="sturdy text-lg">{{ t.fitList }}</h2>
          <p class="mb-2 max-w-prose text-soft">
            {{ t.copyValuesMarkedOn }}
          </p>
          <FitFields
            v-if="form.drawn.value"
            ref="fitFields"
            :build="form.drawn.value"
            :fit="fit"
            :issues="issues"
          />
        </section>
        <BuildFields :error-of="errorOf" />
      </fieldset>
      <div class="min-[900px]:sticky min-[900px]:top-[calc(var(--strip)+1rem)] min-[900px]:self-start">
        <div class="h-56 rounded-lg border-2 border-line bg-plate p-2">
          <BikeFigure v-if="form.drawn.value" :build="form.drawn.value" :label="t.modelBuild" />
        </div>
        <p v-if="modelId" class="mt-2 leading-snug">
          {{ t.bikeModel({ bikes: bikes.length })
          }}<template v-if="bikes.length"
            >:
            <span class="sturdy">{{
              bikes
                .map((bike) => bike.tag)
                .slice(0, 24)
                .join(' ')
            }}</span></template
          >
        </p>
        <ActButton
          v-if="session.may('edit-fleet')"
          kind="main"
          big
          type="submit"
          class="mt-3 w-full"
          :disabled="refusal.busy.value"
          data-save
          >{{ modelId ? t.saveForAllBikes : t.addModel }}</ActButton
        >
      </div>
    </form>
  </main>
</template>
