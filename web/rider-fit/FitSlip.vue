<script setup lang="ts">
import { computed, onMounted, useTemplateRef, watch } from 'vue';
import { convert } from '@cadre/core/measures';
import type { RiderFit, SuspensionStart, TyreFigure } from '@cadre/core/rider-fit';
import { CautionLine } from '@cadre/web/ui';
import * as t from './messages';

/** How one bike is set for a rider, as it is read with a pump in the hand, and as it is printed. */
const props = defineProps<{
  tag: string;
  fit: RiderFit;
  hasFork: boolean;
  hasShock: boolean;
  hasSaddle: boolean;
}>();
interface Row {
  readonly name: string;
  readonly figure: string;
  readonly from: string;
}
const pressure = (kPa: number): string =>
  t.barAndPsi({ bar: (Math.round(kPa / 5) / 20).toFixed(2), psi: Math.round(convert(kPa, 'kPa', 'psi')) });
function tyreRow(name: string, figure: TyreFigure | null): Row {
  if (!figure) return { name, figure: '', from: t.noPressure };
  const from = [figure.from === 'calculated' ? t.calculated : t.usual];
  if (figure.source === 'marking') from.push(t.heldByMarking);
  return { name, figure: pressure(figure.kPa), from: from.join(' · ') };
}
function suspensionRow(name: string, start: SuspensionStart | null): Row {
  if (!start) return { name, figure: '', from: t.measureSag };
  const from = [start.from === 'table' ? t.fromTable : t.fromLast, ...(start.held ? [t.heldByMarking] : [])];
  return { name, figure: pressure(start.kPa), from: from.join(' · ') };
}
const saddleRow = computed((): Row => {
  const { saddle, childSaddle } = props.fit;
  if (childSaddle) return { name: t.saddleHeight, figure: '', from: t.childSaddle };
  if (!saddle) return { name: t.saddleHeight, figure: '', from: t.saddleUnknown };
  const more = [
    ...(saddle.mark === null ? [] : [t.saddleMark({ mark: saddle.mark })]),
    t.saddleFrom,
    ...(saddle.atLowest ? [t.saddleAtLowest] : []),
    ...(saddle.estimated ? [t.saddleEstimated] : []),
  ];
  return { name: t.saddleHeight, figure: t.saddleMm({ mm: Math.round(saddle.mm) }), from: more.join(' · ') };
});
const slip = useTemplateRef('slip');
// On a phone it stands under the list it was chosen from.
const show = (): void => slip.value?.scrollIntoView({ block: 'nearest' });
onMounted(show);
watch(() => props.tag, show, { flush: 'post' });
const rows = computed(() => [
  tyreRow(t.frontTyre, props.fit.tyres.front),
  tyreRow(t.rearTyre, props.fit.tyres.rear),
  ...(props.hasFork ? [suspensionRow(t.fork, props.fit.fork)] : []),
  ...(props.hasShock ? [suspensionRow(t.shock, props.fit.shock)] : []),
  ...(props.hasSaddle ? [saddleRow.value] : []),
]);
</script>

<template>
  <section
    ref="slip"
    class="scroll-mt-24 space-y-3 rounded-lg border-2 border-ink/60 bg-plate p-4"
    data-fit-slip
  >
    <h2 class="sturdy text-2xl">{{ t.slipFor({ tag }) }}</h2>
    <dl>
      <div
        v-for="row in rows"
        :key="row.name"
        class="grid grid-cols-[7.5rem_1fr] gap-x-3 border-b border-line py-2"
        :data-fit-row="row.name"
      >
        <dt class="font-semibold">{{ row.name }}</dt>
        <dd class="leading-snug">
          <span v-if="row.figure" class="sturdy figures block text-xl">{{ row.figure }}</span>
          <span class="text-soft">{{ row.from }}</span>
        </dd>
      </div>
    </dl>
    <CautionLine v-if="hasSaddle" :text="t.insertMark" />
    <p class="text-soft">{{ t.startingPoints }}</p>
  </section>
</template>
