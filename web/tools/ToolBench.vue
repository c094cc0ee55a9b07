<script setup lang="ts">
import { computed, onMounted, ref } from 'vue';
import { useCatalogue } from '@cadre/web/catalogue';
import { useSession } from '@cadre/web/people';
import { ActButton, CautionLine, ChoiceChips } from '@cadre/web/ui';
import ToolFigure from './ToolFigure.vue';
import ToolToBike from './ToolToBike.vue';
import type { Tool } from './tool';
import { useTool } from './use-tool';
import * as t from './messages';

/** One tool in hand: what it asks for, its answer large, its working in a line. */
const props = defineProps<{ tool: Tool }>();
const { text, set, result } = useTool(props.tool);
const catalogue = useCatalogue();
const session = useSession();
onMounted(() => void (catalogue.known ?? catalogue.load()));
const answer = computed(() => (result.value.state === 'answer' ? result.value.answer : null));
const wrong = computed(() => (result.value.state === 'wrong' ? result.value.fields : {}));
const copied = ref('');
async function copyAddress(): Promise<void> {
  // Said to be copied only when it was: a browser may refuse, and then the address is shown.
  try {
    await navigator.clipboard.writeText(location.href);
    copied.value = t.linkCopied;
  } catch {
    copied.value = location.href;
  }
}
</script>

<template>
  <section class="space-y-4" :aria-labelledby="`tool-${tool.key}`" :data-tool-bench="tool.key">
    <div>
      <ActButton :to="{ name: 'tools' }" kind="quiet" class="!px-0 min-[900px]:hidden">{{
        t.allCalculators
      }}</ActButton>
      <h1 :id="`tool-${tool.key}`" class="sturdy text-2xl">{{ tool.name }}</h1>
      <p class="text-soft">{{ tool.when }}</p>
      <CautionLine v-if="tool.caution" :text="tool.caution" />
    </div>
    <div class="flex flex-wrap items-start gap-6 max-[900px]:flex-col max-[900px]:items-stretch">
      <div
        class="grid min-w-0 grow basis-80 content-start gap-x-4 gap-y-3 grid-cols-2 max-[900px]:basis-auto sm:max-[900px]:grid-cols-3"
      >
        <template v-for="field in tool.fields" :key="field.key">
          <div v-if="field.choices && field.choices.length <= 3" class="col-span-full">
            <p class="font-semibold">{{ field.label }}</p>
            <ChoiceChips
              :name="field.label"
              :options="field.choices"
              :chosen="[text(field.key)]"
              @toggle="(value) => set(field.key, value)"
            />
          </div>
          <ToolFigure
            v-else
            :field="field"
            :model-value="text(field.key)"
            :error="wrong[field.key] ?? null"
            @update:model-value="(value: string) => set(field.key, value)"
          />
        </template>
      </div>
      <div
        class="min-w-0 grow basis-80 space-y-3 rounded-lg max-[900px]:order-first max-[900px]:basis-auto border-2 border-ink/60 bg-plate p-4"
        aria-live="polite"
        data-answer
      >
        <template v-if="answer">
          <p class="sturdy text-xl leading-snug" :class="answer.bad && 'text-held'" data-says>
            {{ answer.says }}
          </p>
          <p v-if="answer.next" class="leading-snug">{{ answer.next }}</p>
          <p class="figures text-soft" data-working>{{ answer.working }}</p>
          <dl v-if="answer.rows?.length" class="divide-y divide-line border-y border-line">
            <div
              v-for="[name, value] in answer.rows"
              :key="name"
              class="flex flex-wrap justify-between gap-x-4 py-1.5"
            >
              <dt class="text-soft">{{ name }}</dt>
              <dd class="figures font-semibold">{{ value }}</dd>
            </div>
          </dl>
          <div class="flex flex-wrap items-center gap-2">
            <ActButton @click="copyAddress">{{ t.copyLink }}</ActButton>
            <p v-if="copied" role="status" class="min-w-0 break-all text-soft">{{ copied }}</p>
          </div>
          <ToolToBike
            v-if="tool.reading && session.may('mark')"
            :measure="tool.reading.measure"
            :typed="tool.reading.typed(text)"
          />
        </template>
        <p v-else-if="result.state === 'wrong'" class="font-semibold text-held">
          {{ t.oneValuesNotPossible }}
        </p>
        <p v-else class="text-soft">{{ t.typeMeasuredValuesResult }}</p>
      </div>
    </div>
  </section>
</template>
