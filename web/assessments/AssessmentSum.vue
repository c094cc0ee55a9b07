<script setup lang="ts">
import { useProvided } from '@cadre/web/platform/provided';
import { useMoney } from '@cadre/web/parts';
import { PRICING } from './use-pricing';
import * as t from './messages';

/** What a used bike comes to: asking price and repairs together, against what it is worth once fit. */
const money = useMoney();
const { sum, asking, worth, unpriced, rate, hands } = useProvided(PRICING);
</script>

<template>
  <div v-if="sum" class="rounded-md border-2 border-line p-3" data-sum>
    <dl class="figures grid grid-cols-2 gap-x-6 gap-y-1 sm:grid-cols-4">
      <div>
        <dt class="text-sm text-soft">{{ t.askingPrice }}</dt>
        <dd class="sturdy text-xl">{{ money.show(asking ?? 0) }}</dd>
      </div>
      <div>
        <dt class="text-sm text-soft">{{ t.repairs }}</dt>
        <dd class="sturdy text-xl">{{ money.show(sum.repairs) }}</dd>
      </div>
      <div>
        <dt class="text-sm text-soft">{{ t.total }}</dt>
        <dd class="sturdy text-xl">{{ money.show(sum.whole) }}</dd>
      </div>
      <div>
        <dt class="text-sm text-soft">{{ t.valueWhenRepaired }}</dt>
        <dd class="sturdy text-xl">{{ money.show(worth ?? 0) }}</dd>
      </div>
    </dl>
    <p class="mt-2 text-lg font-semibold" :class="sum.accept ? 'text-act' : 'text-held'">
      {{
        sum.accept
          ? t.showBelowItsValue({ show: money.show(sum.gain), part: unpriced ? t.soFar : t.worthBuying })
          : t.notWorthPrice
      }}
    </p>
    <p v-if="unpriced" class="text-watch" data-unpriced>
      {{ t.partsFindingHaveNo({ unpriced }) }}
    </p>
    <p v-if="rate === 0" class="text-watch">{{ t.noHourlyRateSet }}</p>
    <p v-if="hands.length" class="font-semibold text-held">
      {{ t.handsQualifiedMechanicMaker({ hands: hands.map((finding) => finding.words.fault).join(', ') }) }}
    </p>
  </div>
</template>
