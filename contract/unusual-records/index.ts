import { route } from '@cadre/contract/http';
import type * as schemas from './schemas';

/** What looks unlikely in the records of the last weeks: for training, it accuses nobody and blocks nothing. */
export const listUnusualRecords = route<typeof schemas.listUnusualRecords>({
  name: 'unusual-records.list',
  method: 'GET',
  path: '/api/v1/unusual-records',
  act: 'edit-program',
});
