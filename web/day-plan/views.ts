import type { RouteRecordRaw } from 'vue-router';
import * as t from './messages';

export const dayPlanViews: readonly RouteRecordRaw[] = [
  {
    path: '/day-plan',
    name: 'day-plan',
    component: () => import('./DayPlanView.vue'),
    meta: { help: () => import('./help'), title: t.dayPlan, nav: { area: 'today', order: 4 } },
  },
];
