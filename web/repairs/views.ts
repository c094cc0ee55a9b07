import type { RouteRecordRaw } from 'vue-router';

export const repairsViews: readonly RouteRecordRaw[] = [
  {
    path: '/bench/:bikeId?',
    name: 'bench',
    component: () => import('./BenchView.vue'),
    props: true,
    meta: { title: 'Bench' },
  },
  {
    path: '/bikes/:bikeId/warranty',
    name: 'warranty',
    component: () => import('./WarrantyView.vue'),
    props: true,
    meta: { title: 'Question to the maker' },
  },
  {
    path: '/bikes/:bikeId/hang-tag',
    name: 'hold-tag',
    component: () => import('./HoldTagView.vue'),
    props: true,
    meta: { title: 'Hang-tag' },
  },
  {
    path: '/costs',
    name: 'costs',
    component: () => import('./CostsView.vue'),
    meta: { title: 'Costs' },
  },
];
