export {
  endsValidity,
  isAfterIncident,
  INCIDENT_KINDS,
  CHECKLIST_AFTER,
  type Incident,
  type IncidentKind,
} from './incident';
