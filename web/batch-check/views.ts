import type { RouteRecordRaw } from 'vue-router';

export const batchCheckViews: readonly RouteRecordRaw[] = [
  {
    path: '/batch-check',
    name: 'batch-check',
    component: () => import('./BatchCheckView.vue'),
    meta: { title: 'Line' },
  },
  {
    path: '/paper',
    name: 'paper',
    component: () => import('./PaperView.vue'),
    meta: { title: 'Paper sheet' },
  },
];
