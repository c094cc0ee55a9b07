import { listUnusualRecords } from '@cadre/contract/unusual-records';
import { answering, type Implemented } from '@cadre/server/platform/http';
import type { UnusualRecords } from './service';

export const unusualRecordsRoutes = (unusualRecords: UnusualRecords): readonly Implemented[] => [
  answering(listUnusualRecords, async (_call, actor) => unusualRecords.list(actor)),
];
