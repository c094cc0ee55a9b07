import type { RouteRecordRaw } from 'vue-router';

export const lineViews: readonly RouteRecordRaw[] = [
  {
    path: '/line',
    name: 'line',
    component: () => import('./LineView.vue'),
    meta: { title: 'Line' },
  },
  {
    path: '/paper',
    name: 'paper',
    component: () => import('./PaperView.vue'),
    meta: { title: 'Paper sheet' },
  },
];
