import type { CatalogueEvents } from '@cadre/server/catalogue';
import type { CheckEvents } from '@cadre/server/checks';
import type { FindingEvents } from '@cadre/server/findings';
import type { FleetEvents } from '@cadre/server/fleet';
import type { AssessmentEvents } from '@cadre/server/assessments';
import type { IncidentEvents } from '@cadre/server/incidents';
import type { PartEvents } from '@cadre/server/parts';
import type { PeopleEvents } from '@cadre/server/people';
import type { PhotoEvents } from '@cadre/server/photos';
import type { PolicyEvents } from '@cadre/server/policy';
import type { ReassemblyEvents } from '@cadre/server/reassembly';
import type { RepairEvents } from '@cadre/server/repairs';
import type { RoundEvents } from '@cadre/server/rounds';
import type { ScheduleEvents } from '@cadre/server/schedule';
import type { SetupEvents } from '@cadre/server/setup';
import type { TimedRecheckEvents } from '@cadre/server/timed-rechecks';

/** Every event there is, with its body: the lists of all features. */
export type Events = CatalogueEvents &
  CheckEvents &
  FindingEvents &
  FleetEvents &
  AssessmentEvents &
  IncidentEvents &
  PartEvents &
  PeopleEvents &
  PhotoEvents &
  PolicyEvents &
  ReassemblyEvents &
  RepairEvents &
  RoundEvents &
  ScheduleEvents &
  SetupEvents &
  TimedRecheckEvents;

export type EventKind = keyof Events;
