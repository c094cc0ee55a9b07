import type { BikeFeature } from '@cadre/server/fitness';
import {
  queuedReportEntity,
  reportEntity,
  reportPhotoEntity,
  reportRateEntity,
  riderKeyEntity,
} from './entities';
import { reportProjections } from './events';
import { reportFacts } from './facts';
import { verifyReportPhotos } from './verify-photos';

export const reportsFeature: BikeFeature = {
  name: 'reports',
  projected: [reportEntity],
  tables: [reportPhotoEntity, riderKeyEntity, queuedReportEntity, reportRateEntity],
  secret: ['rider_key', 'report_queue', 'report_rate'],
  projections: reportProjections,
  facts: [reportFacts],
  verifiers: { reportPhotos: verifyReportPhotos },
  changes: {
    'report.made': ['reports'],
    'report.repeated': ['reports'],
    'report.described': ['reports'],
    'report.closed': ['reports'],
    'report.to-finding': ['reports', 'findings'],
  },
  may: {
    'report.made': 'hand-out',
    'report.described': 'hand-out',
    'report.to-finding': 'release',
    'report.closed': 'release',
  },
};
