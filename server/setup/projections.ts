import { programEntity } from '@cadre/server/people';
import type { Projections } from '@cadre/server/platform/event-log';
import type { SetupEvents } from './events';

export const setupProjections: Projections<SetupEvents> = {
  async 'program.set-up'(tx, { body }) {
    await tx.getRepository(programEntity).insert({ id: body.programId, name: body.name, demo: body.demo });
  },
};
