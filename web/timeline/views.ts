import type { RouteRecordRaw } from 'vue-router';

export const timelineViews: readonly RouteRecordRaw[] = [
  {
    path: '/bikes/:bikeId/record',
    name: 'record',
    component: () => import('./RecordView.vue'),
    props: true,
    meta: { title: 'Record of a bike' },
  },
];
