import type { RouteRecordRaw } from 'vue-router';

export const findingsViews: readonly RouteRecordRaw[] = [
  {
    path: '/findings',
    name: 'findings',
    component: () => import('./FindingsView.vue'),
    meta: { title: 'Findings' },
  },
];
