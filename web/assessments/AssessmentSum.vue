<script setup lang="ts">
import { useProvided } from '@cadre/web/platform/provided';
import { count } from '@cadre/web/platform/time';
import { useMoney } from '@cadre/web/parts';
import { PRICING } from './use-pricing';

/** What a used bike comes to: asking price and repairs together, against what it is worth once fit. */
const money = useMoney();
const { sum, asking, worth, unpriced, rate, hands } = useProvided(PRICING);
</script>

<template>
  <div v-if="sum" class="rounded-md border-2 border-line p-3" data-sum>
    <dl class="figures grid grid-cols-2 gap-x-6 gap-y-1 sm:grid-cols-4">
      <div>
        <dt class="text-sm text-soft">Asked</dt>
        <dd class="sturdy text-xl">{{ money.show(asking ?? 0) }}</dd>
      </div>
      <div>
        <dt class="text-sm text-soft">Repairs</dt>
        <dd class="sturdy text-xl">{{ money.show(sum.repairs) }}</dd>
      </div>
      <div>
        <dt class="text-sm text-soft">Together</dt>
        <dd class="sturdy text-xl">{{ money.show(sum.whole) }}</dd>
      </div>
      <div>
        <dt class="text-sm text-soft">Worth when fit</dt>
        <dd class="sturdy text-xl">{{ money.show(worth ?? 0) }}</dd>
      </div>
    </dl>
    <p class="mt-2 text-lg font-semibold" :class="sum.accept ? 'text-act' : 'text-held'">
      {{
        sum.accept
          ? `${money.show(sum.gain)} under its worth${unpriced ? ' so far' : ': worth taking'}`
          : 'Not worth it at this price'
      }}
    </p>
    <p v-if="unpriced" class="text-watch" data-unpriced>
      Parts of {{ count(unpriced, 'finding') }} have no price: they count as nothing here.
    </p>
    <p v-if="rate === 0" class="text-watch">No hourly rate is set: minutes cost nothing in this sum.</p>
    <p v-if="hands.length" class="font-semibold text-held">
      {{ hands.map((finding) => finding.words.fault).join(', ') }}: a qualified mechanic or the maker decides
      before money does.
    </p>
  </div>
</template>
