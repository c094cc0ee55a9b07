import { hash, id, instant, messages } from '@cadre/contract/http/schemas';
import { group } from '@cadre/contract/schedule/schemas';
import { bike, site, rack, model } from '@cadre/contract/fleet/schemas';
import * as z from 'zod/mini';

export const wall = z.object({
  sites: z.array(site),
  racks: z.array(rack),
  models: z.array(model),
  /** Groups of about now: yesterday's last to the day after tomorrow's. */
  groups: z.array(group),
  bikes: z.array(bike),
  people: z.array(z.object({ id, name: z.string() })),
  policyHash: hash,
  /** How many versions of checklists were ever published: more of them, and what is asked may be new. */
  checklistVersions: z.int(),
  now: instant,
  /** Whether this is the demo, whose clock may be behind the reader's. */
  demo: z.boolean(),
  /** The latest time on record: later than now where the server's clock was set back. */
  recordedUntil: instant,
});

export const getWall = messages({ answer: wall });
