import type { RouteRecordRaw } from 'vue-router';

export const partsViews: readonly RouteRecordRaw[] = [
  {
    path: '/stock',
    name: 'stock',
    component: () => import('./StockView.vue'),
    meta: { title: 'Parts' },
  },
];
