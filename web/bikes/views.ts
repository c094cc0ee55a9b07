import type { RouteRecordRaw } from 'vue-router';

export const bikesViews: readonly RouteRecordRaw[] = [
  {
    path: '/bikes/new',
    name: 'bike-new',
    component: () => import('./BikeFormView.vue'),
    meta: { title: 'New bike' },
  },
  {
    path: '/bikes/:bikeId/edit',
    name: 'bike-edit',
    component: () => import('./BikeFormView.vue'),
    props: true,
    meta: { title: 'Edit bike' },
  },
  {
    path: '/bikes/:bikeId',
    name: 'bike',
    component: () => import('./BikeView.vue'),
    props: true,
    meta: { title: 'Bike' },
  },
];
