import type { RouteRecordRaw } from 'vue-router';
import * as t from './messages';

export const bikesViews: readonly RouteRecordRaw[] = [
  {
    path: '/bikes/new',
    name: 'bike-new',
    component: () => import('./BikeFormView.vue'),
    meta: { title: t.newBike, under: 'models', command: { label: t.addBike, act: 'edit-fleet' } },
  },
  {
    path: '/bikes/:bikeId/edit',
    name: 'bike-edit',
    component: () => import('./BikeFormView.vue'),
    props: true,
    meta: { title: t.editBike, under: 'wall' },
  },
  {
    path: '/bikes/:bikeId',
    name: 'bike',
    component: () => import('./BikeView.vue'),
    props: true,
    meta: { help: () => import('./help'), title: t.bike, under: 'wall' },
  },
];
