import type { RouteRecordRaw } from 'vue-router';

export const unusualRecordsViews: readonly RouteRecordRaw[] = [
  {
    path: '/patterns',
    name: 'patterns',
    component: () => import('./UnusualRecordsView.vue'),
    meta: { title: 'Patterns' },
  },
];
