import type { RouteRecordRaw } from 'vue-router';

export const exchangeViews: readonly RouteRecordRaw[] = [
  {
    path: '/lists',
    name: 'exchange',
    component: () => import('./ExchangeView.vue'),
    meta: { title: 'Lists in and out' },
  },
];
