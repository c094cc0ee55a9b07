<template>
  <main class="grid place-items-center p-10 text-center">
    <div>
      <h1 class="sturdy text-2xl">Nothing hangs here</h1>
      <p class="mt-2">This address leads nowhere.</p>
      <RouterLink
        :to="{ name: 'wall' }"
        class="mt-4 inline-flex min-h-12 items-center rounded-md bg-act px-5 font-semibold text-on-act"
        >To the rack wall</RouterLink
      >
    </div>
  </main>
</template>
