import type { RouteRecordRaw } from 'vue-router';
import * as t from './messages';

export const torqueViews: readonly RouteRecordRaw[] = [
  {
    path: '/bikes/:bikeId/torque',
    name: 'torque',
    component: () => import('./TorqueView.vue'),
    props: true,
    meta: { title: t.torqueCard2, under: 'bench' },
  },
];
