import { route, type Told } from '@cadre/contract/http';
import type * as schemas from './schemas';

export type TraceRun = Told<typeof schemas.traceRun>;

/** The searches that are not closed, and what repairs have proved so far. */
export const openTraces = route<typeof schemas.openTraces>({
  name: 'tracing.open',
  method: 'GET',
  path: '/api/v1/traces',
  act: 'see',
});

/** What of a bike's record answers questions of a search, and its searches so far. */
export const traceRecord = route<typeof schemas.traceRecord>({
  name: 'tracing.record',
  method: 'GET',
  path: '/api/v1/bikes/:id/trace-record',
  act: 'see',
});

/** Saves a search as it stands, so that it can be paused and another person can go on. */
export const saveTrace = route<typeof schemas.saveTrace>({
  name: 'tracing.save',
  method: 'PUT',
  path: '/api/v1/traces/:id',
  act: 'mark',
});

/** Ends a search: with a finding, handed over to a workshop, or with no cause found. */
export const endTrace = route<typeof schemas.endTrace>({
  name: 'tracing.end',
  method: 'POST',
  path: '/api/v1/traces/:id/end',
  act: 'mark',
});

/** Says whether the repair ended the symptom. */
export const proveTrace = route<typeof schemas.proveTrace>({
  name: 'tracing.prove',
  method: 'POST',
  path: '/api/v1/traces/:id/proved',
  act: 'repair',
});

export const closeTrace = route<typeof schemas.closeTrace>({
  name: 'tracing.close',
  method: 'POST',
  path: '/api/v1/traces/:id/close',
  act: 'release',
});

export const addPuncture = route<typeof schemas.addPuncture>({
  name: 'tracing.puncture',
  method: 'POST',
  path: '/api/v1/bikes/:id/punctures',
  act: 'mark',
});
