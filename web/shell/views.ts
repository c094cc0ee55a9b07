import type { RouteRecordRaw } from 'vue-router';
import { bikesViews } from '@cadre/web/bikes';
import { catalogueViews } from '@cadre/web/catalogue';
import { checksViews } from '@cadre/web/checks';
import { eventPrepViews } from '@cadre/web/event-prep';
import { campaignViews } from '@cadre/web/campaign';
import { dayPlanViews } from '@cadre/web/day-plan';
import { exchangeViews } from '@cadre/web/exchange';
import { findingsViews } from '@cadre/web/findings';
import { assessmentViews } from '@cadre/web/assessments';
import { batchCheckViews } from '@cadre/web/batch-check';
import { modelsViews } from '@cadre/web/models';
import { guidesViews } from '@cadre/web/guides';
import { equipmentViews } from '@cadre/web/equipment';
import { instrumentViews } from '@cadre/web/instruments';
import { kitViews } from '@cadre/web/kit';
import { labelsViews } from '@cadre/web/labels';
import { reportsViews } from '@cadre/web/reports';
import { riderFitViews } from '@cadre/web/rider-fit';
import { outingsViews } from '@cadre/web/outings';
import { partsViews } from '@cadre/web/parts';
import { peopleViews } from '@cadre/web/people';
import { policyViews } from '@cadre/web/policy';
import { timelineViews } from '@cadre/web/timeline';
import { repairsViews } from '@cadre/web/repairs';
import { roundsViews } from '@cadre/web/rounds';
import { calendarViews } from '@cadre/web/calendar';
import { scheduleViews } from '@cadre/web/schedule';
import { spokesViews } from '@cadre/web/spokes';
import { toolsViews } from '@cadre/web/tools';
import { tracingViews } from '@cadre/web/tracing';
import { torqueViews } from '@cadre/web/torque';
import { unusualRecordsViews } from '@cadre/web/unusual-records';
import { wallViews } from '@cadre/web/wall';
import * as t from './messages';

/** Every address there is: each feature's own, and what is said where there is none. */
export const VIEWS: readonly RouteRecordRaw[] = [
  ...bikesViews,
  ...catalogueViews,
  ...checksViews,
  ...exchangeViews,
  ...findingsViews,
  ...assessmentViews,
  ...batchCheckViews,
  ...modelsViews,
  ...outingsViews,
  ...riderFitViews,
  ...guidesViews,
  ...equipmentViews,
  ...instrumentViews,
  ...kitViews,
  ...labelsViews,
  ...reportsViews,
  ...partsViews,
  ...peopleViews,
  ...policyViews,
  ...timelineViews,
  ...repairsViews,
  ...roundsViews,
  ...calendarViews,
  ...scheduleViews,
  ...eventPrepViews,
  ...campaignViews,
  ...dayPlanViews,
  ...spokesViews,
  ...toolsViews,
  ...tracingViews,
  ...torqueViews,
  ...unusualRecordsViews,
  ...wallViews,
  {
    path: '/:rest(.*)*',
    name: 'nowhere',
    component: () => import('./NowhereView.vue'),
    meta: { title: t.pageNotFound },
  },
];
