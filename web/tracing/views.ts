import type { RouteRecordRaw } from 'vue-router';
import * as t from './messages';

export const tracingViews: readonly RouteRecordRaw[] = [
  {
    path: '/find-cause/:trace?',
    name: 'tracing',
    component: () => import('./TraceView.vue'),
    props: true,
    meta: {
      help: () => import('./help'),
      title: t.findCause,
      under: 'tools',
    },
  },
  {
    path: '/bikes/:bikeId/searches/:runId/sheet',
    name: 'trace-sheet',
    component: () => import('./HandOverView.vue'),
    props: true,
    meta: { title: t.handOverTitle, under: 'tools' },
  },
];
