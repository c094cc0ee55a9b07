import { programEntity } from '@cadre/server/people';
import type { Projections } from '@cadre/server/platform/event-log';

export interface SetupEvents {
  'program.set-up': { programId: string; name: string; demo: boolean };
}

export const setupProjections: Projections<SetupEvents> = {
  async 'program.set-up'(tx, { body }) {
    await tx.getRepository(programEntity).insert({ id: body.programId, name: body.name, demo: body.demo });
  },
};
