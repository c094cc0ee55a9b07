<script setup lang="ts">
import { onMounted } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import { USUAL_BUILD } from '@cadre/core/fleet';
import { BikeFigure } from '@cadre/web/figures';
import { NoticePlate, useRefusal } from '@cadre/web/ui';
import SetupForm from './SetupForm.vue';
import SignInForm from './SignInForm.vue';
import { useSession } from './use-session';
import * as t from './messages';

const session = useSession();
const refusal = useRefusal();
const route = useRoute();
const router = useRouter();
onMounted(() => void refusal.run(session.loadSetup));
function go(): void {
  void router.replace(
    typeof route.query.to === 'string' && route.query.to.startsWith('/') ? route.query.to : { name: 'wall' },
  );
}
</script>

<template>
  <main class="grid min-h-full place-items-center p-4">
    <div
      class="grid w-full max-w-4xl gap-6 rounded-xl border-2 border-ink/60 bg-plate p-6 shadow-[0_5px_0_0_rgb(0_0_0/.13)] md:grid-cols-2 md:p-9"
    >
      <div class="flex flex-col">
        <p class="sturdy text-5xl leading-none text-act">{{ t.cadre }}</p>
        <p class="mt-2 text-lg leading-snug">{{ t.whichBikesMayGo }}</p>
        <div class="my-auto max-h-72 max-md:hidden">
          <BikeFigure :build="USUAL_BUILD.hardtail" label="" />
        </div>
        <p v-if="session.setup?.programName" class="text-soft">{{ session.setup.programName }}</p>
      </div>
      <div>
        <h1 class="sturdy mb-4 text-2xl">
          {{ session.setup?.state === 'empty' ? t.setUpYourProgram : t.signIn }}
        </h1>
        <NoticePlate v-if="refusal.said.value" :said="refusal.said.value" class="mb-4" />
        <SetupForm v-if="session.setup?.state === 'empty'" @done="go" />
        <SignInForm v-else @done="go" />
      </div>
    </div>
  </main>
</template>
