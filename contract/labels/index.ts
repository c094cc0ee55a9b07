import { route, type Told } from '@cadre/contract/http';
import type * as schemas from './schemas';

/** A code in force, and what it is on. */
export type LabelCode = Told<typeof schemas.labelCode>;

/** Every code in force: what a scan is looked up by. */
export const listLabels = route<typeof schemas.listLabels>({
  name: 'labels.list',
  method: 'GET',
  path: '/api/v1/labels',
  act: 'see',
});

/** Makes codes for bikes, hooks and racks that have none; with `renew` new ones, and the old are not valid any more. */
export const makeLabels = route<typeof schemas.makeLabels>({
  name: 'labels.make',
  method: 'POST',
  path: '/api/v1/labels',
  act: 'edit-fleet',
});

/** A sheet of labels as a PDF. */
export const printLabels = route<typeof schemas.printLabels>({
  name: 'labels.print',
  method: 'GET',
  path: '/api/v1/labels/sheet.pdf',
  act: 'see',
});

/** One label as a picture of 300 dots an inch, for a label printer. */
export const drawLabel = route<typeof schemas.drawLabel>({
  name: 'labels.draw',
  method: 'GET',
  path: '/api/v1/labels/label.png',
  act: 'see',
});
