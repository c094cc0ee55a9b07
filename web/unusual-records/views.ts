import type { RouteRecordRaw } from 'vue-router';

export const unusualRecordsViews: readonly RouteRecordRaw[] = [
  {
    path: '/unusual-records',
    name: 'unusual-records',
    component: () => import('./UnusualRecordsView.vue'),
    meta: { title: 'Unusual records' },
  },
];
