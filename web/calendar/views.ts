import type { RouteRecordRaw } from 'vue-router';
import * as t from './messages';

export const calendarViews: readonly RouteRecordRaw[] = [
  {
    path: '/calendar',
    name: 'calendar',
    component: () => import('./CalendarView.vue'),
    meta: { help: () => import('./help'), title: t.calendar, nav: { area: 'plan', order: 0 } },
  },
];
