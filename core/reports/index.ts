export {
  faultsAt,
  isSameReport,
  REPORT_FAULTS,
  REPORT_LIMITS,
  reportHolds,
  reportPlaces,
  type ReportFault,
  type ReportSaid,
} from './report';
