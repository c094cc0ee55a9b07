<script setup lang="ts">
import { computed } from 'vue';
import { Bluetooth, Cable, Keyboard, Usb } from '@lucide/vue';
import { clock } from '@cadre/web/platform/time';
import { ActButton, CheckField, NoticePlate } from '@cadre/web/ui';
import { ADAPTERS, type AdapterKey } from './adapters';
import { useConnecting } from './use-connecting';
import { useInstruments } from './use-instruments';
import * as t from './messages';

/** What is connected to this browser, and how more is. Readings land in the field in hand. */
const instruments = useInstruments();
const { said, connect } = useConnecting();
const WAYS: readonly {
  readonly key: AdapterKey;
  readonly name: string;
  readonly hint: string;
  readonly sign: typeof Usb;
}[] = [
  { key: 'serial', name: t.usbSerial, hint: t.usbSerialHint, sign: Cable },
  { key: 'bluetooth', name: t.bluetooth, hint: t.bluetoothHint, sign: Bluetooth },
  { key: 'hid', name: t.usbDevice, hint: t.usbDeviceHint, sign: Usb },
];
const secure = computed(() => window.isSecureContext);
</script>

<template>
  <main class="mx-auto max-w-5xl space-y-5 px-4 pb-16 pt-3 max-sm:px-2" data-instruments-view>
    <header class="flex flex-wrap items-center gap-3">
      <h1 class="sturdy mr-auto text-2xl">{{ t.instruments }}</h1>
      <ActButton :to="{ name: 'equipment' }">{{ t.register }}</ActButton>
    </header>
    <p class="max-w-prose leading-snug">{{ t.intro }}</p>
    <NoticePlate v-if="said" :said="said" />
    <p v-if="!secure" role="alert" class="rounded-md bg-watch-wash px-4 py-2 text-watch" data-not-secure>
      {{ t.notSecure }}
    </p>
    <section aria-labelledby="connected">
      <h2 id="connected" class="sturdy border-b-4 border-rail pb-0.5 text-lg">{{ t.connected }}</h2>
      <p v-if="instruments.unclaimed" role="status" class="mt-2 text-watch">{{ instruments.unclaimed }}</p>
      <p v-if="instruments.connected.length === 0" class="mt-2 text-soft">{{ t.noneConnected }}</p>
      <ul class="mt-2 space-y-2">
        <li
          v-for="each in instruments.connected"
          :key="each.key"
          class="flex flex-wrap items-center gap-3 rounded-md border-2 bg-plate px-3 py-2"
          :class="each.trouble ? 'border-watch' : 'border-line'"
          data-connected
        >
          <span class="min-w-0 grow leading-snug"
            ><strong>{{ each.name }}</strong>
            <span v-if="each.lastAt" class="ml-2 text-soft">{{
              t.lastReading({ line: each.lastLine, when: clock(each.lastAt) })
            }}</span>
            <span v-if="each.trouble" class="block font-semibold text-watch">{{ each.trouble }}</span></span
          >
          <ActButton v-if="each.way !== 'stand-in'" @click="instruments.disconnect(each.key)">{{
            t.disconnect
          }}</ActButton>
        </li>
      </ul>
    </section>
    <section aria-labelledby="ways">
      <h2 id="ways" class="sturdy border-b-4 border-rail pb-0.5 text-lg">{{ t.connectOne }}</h2>
      <ul class="mt-2 grid gap-2 md:grid-cols-2">
        <li
          v-for="way in WAYS"
          :key="way.key"
          class="flex items-center gap-3 rounded-md border-2 border-line bg-plate px-3 py-2"
        >
          <component :is="way.sign" :size="28" class="shrink-0 text-soft" aria-hidden="true" />
          <span class="min-w-0 grow leading-tight"
            ><strong class="block">{{ way.name }}</strong
            ><span class="text-[0.95rem] text-soft">{{
              ADAPTERS[way.key].available() ? way.hint : t.browserCannot
            }}</span></span
          >
          <ActButton
            v-if="ADAPTERS[way.key].available()"
            :data-connect="way.key"
            :aria-label="`${t.connect}: ${way.name}`"
            @click="connect(way.key)"
            >{{ t.connect }}</ActButton
          >
        </li>
        <li class="flex items-center gap-3 rounded-md border-2 border-line bg-plate px-3 py-2">
          <Keyboard :size="28" class="shrink-0 text-soft" aria-hidden="true" />
          <span class="leading-tight"
            ><strong class="block">{{ t.typing }}</strong
            ><span class="text-[0.95rem] text-soft">{{ t.typingHint }}</span></span
          >
        </li>
      </ul>
    </section>
    <section aria-labelledby="simulated" class="rounded-lg bg-sunk p-3">
      <h2 id="simulated" class="sturdy text-lg">{{ t.simulated }}</h2>
      <p class="max-w-prose text-soft">{{ t.simulatedHint }}</p>
      <CheckField v-model="instruments.standInsOn" data-stand-ins-on>{{ t.simulatedOn }}</CheckField>
      <ActButton v-if="instruments.standInsOn" :to="{ name: 'stand-ins' }" data-to-stand-ins>{{
        t.openSimulated
      }}</ActButton>
    </section>
  </main>
</template>
