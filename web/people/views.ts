import type { RouteRecordRaw } from 'vue-router';
import * as t from './messages';

export const peopleViews: readonly RouteRecordRaw[] = [
  {
    path: '/people',
    name: 'people',
    component: () => import('./PeopleView.vue'),
    meta: {
      help: () => import('./help'),
      title: t.peopleSettings,
      nav: { area: 'setup', order: 4, act: 'edit-program' },
    },
  },
  {
    path: '/sign-in',
    name: 'sign-in',
    component: () => import('./SignInView.vue'),
    meta: { title: t.signIn, open: true },
  },
];
