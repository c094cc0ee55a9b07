import { EntitySchema } from 'typeorm';
import type { Labelled } from '@cadre/core/labels';
import { moment, uuid, word } from '@cadre/server/platform/database';

/** A code on a label. Whoever has it sees the public page of what it is on: it goes into no file. */
export interface LabelCodeRow {
  code: string;
  kind: Labelled;
  subjectId: string;
  madeAt: Date;
  revokedAt: Date | null;
}
export const labelCodeEntity = new EntitySchema<LabelCodeRow>({
  name: 'label_code',
  columns: {
    code: word({ primary: true }),
    kind: word(),
    subjectId: uuid(),
    madeAt: moment(),
    revokedAt: moment({ nullable: true }),
  },
  indices: [{ name: 'label_code_subject', columns: ['subjectId'] }],
});
