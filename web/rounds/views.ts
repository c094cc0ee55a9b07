import type { RouteRecordRaw } from 'vue-router';

export const roundsViews: readonly RouteRecordRaw[] = [
  {
    path: '/rounds',
    name: 'rounds',
    component: () => import('./RoundsView.vue'),
    meta: { title: 'Rounds' },
  },
  {
    path: '/rounds/:roundId',
    name: 'round',
    component: () => import('./RoundView.vue'),
    props: true,
    meta: { title: 'Round' },
  },
];
