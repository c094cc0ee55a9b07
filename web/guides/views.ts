import type { RouteRecordRaw } from 'vue-router';
import * as t from './messages';

export const guidesViews: readonly RouteRecordRaw[] = [
  {
    path: '/guides/:guide?',
    name: 'guides',
    component: () => import('./GuidesView.vue'),
    props: true,
    meta: { help: () => import('./help'), title: t.repairGuides, under: 'tools' },
  },
];
