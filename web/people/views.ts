import type { RouteRecordRaw } from 'vue-router';

export const peopleViews: readonly RouteRecordRaw[] = [
  {
    path: '/people',
    name: 'people',
    component: () => import('./PeopleView.vue'),
    meta: { title: 'People and setup' },
  },
  {
    path: '/sign-in',
    name: 'sign-in',
    component: () => import('./SignInView.vue'),
    meta: { title: 'Sign in', open: true },
  },
];
