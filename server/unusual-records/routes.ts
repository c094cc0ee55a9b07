import { listPatterns } from '@cadre/contract/checks';
import { answering, type Implemented } from '@cadre/server/platform/http';
import type { UnusualRecords } from './service';

export const unusualRecordsRoutes = (unusualRecords: UnusualRecords): readonly Implemented[] => [
  answering(listPatterns, async (_call, actor) => unusualRecords.list(actor)),
];
