import { route, type Told } from '@cadre/contract/http';
import type * as schemas from './schemas';

/** What somebody reported of a bike. */
export type Report = Told<typeof schemas.report>;

/** Reports nobody has dealt with, and those of the last days. */
export const listReports = route<typeof schemas.listReports>({
  name: 'reports.list',
  method: 'GET',
  path: '/api/v1/reports',
  act: 'see',
});

/** A problem told at the desk or in the shed. */
export const addReport = route<typeof schemas.addReport>({
  name: 'reports.add',
  method: 'POST',
  path: '/api/v1/bikes/:id/reports',
  act: 'hand-out',
});

/** Says more of a report nobody has dealt with: where it is and what is wrong. */
export const describeReport = route<typeof schemas.describeReport>({
  name: 'reports.describe',
  method: 'POST',
  path: '/api/v1/reports/:id/describe',
  act: 'hand-out',
});

/** Makes a report a finding: its hold ends, the finding's begins. */
export const reportToFinding = route<typeof schemas.reportToFinding>({
  name: 'reports.to-finding',
  method: 'POST',
  path: '/api/v1/reports/:id/finding',
  act: 'release',
});

/** Closes a report with a reason: its hold ends, which is a release. */
export const closeReport = route<typeof schemas.closeReport>({
  name: 'reports.close',
  method: 'POST',
  path: '/api/v1/reports/:id/close',
  act: 'release',
});

/** The photo of a report. */
export const showReportPhoto = route<typeof schemas.showReportPhoto>({
  name: 'reports.photo',
  method: 'GET',
  path: '/api/v1/reports/:id/photo',
  act: 'see',
});
