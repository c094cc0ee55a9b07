import type { RouteRecordRaw } from 'vue-router';
import * as t from './messages';

export const roundsViews: readonly RouteRecordRaw[] = [
  {
    path: '/rounds',
    name: 'rounds',
    component: () => import('./RoundsView.vue'),
    meta: { help: () => import('./help'), title: t.rounds, nav: { area: 'today', order: 2 } },
  },
  {
    path: '/rounds/:roundId',
    name: 'round',
    component: () => import('./RoundView.vue'),
    props: true,
    meta: { title: t.round, under: 'rounds' },
  },
];
