import { EntitySchema } from 'typeorm';
import type { Position } from '@cadre/core/catalogue';
import type { TraceOrigin, TraceResult } from '@cadre/core/tracing';
import { json, key, moment, uuid, whole, word, words, yes } from '@cadre/server/platform/database';

export interface SavedAnswer {
  readonly question: string;
  readonly answer: number | null;
  readonly fromRecord: boolean;
}

/** A search for the cause of a symptom on one bike, as it stands. */
export interface TraceRunRow {
  id: string;
  bikeId: string;
  trace: string;
  position: Position;
  origin: { readonly kind: TraceOrigin; readonly id: string | null };
  state: 'open' | 'ended' | 'closed';
  answers: readonly SavedAnswer[];
  refuted: readonly string[];
  cause: string | null;
  result: TraceResult | null;
  findingId: string | null;
  note: string;
  /** The names of the causes that stop the bike and are not excluded. */
  holding: readonly string[];
  /** Its repair ended the symptom. */
  proved: boolean;
  beganBy: string;
  beganAt: Date;
  changedBy: string;
  changedAt: Date;
  version: number;
}
export const traceRunEntity = new EntitySchema<TraceRunRow>({
  name: 'trace_run',
  columns: {
    id: key(),
    bikeId: uuid(),
    trace: word(),
    position: word(),
    origin: json(),
    state: word(),
    answers: json(),
    refuted: json(),
    cause: word({ nullable: true }),
    result: word({ nullable: true }),
    findingId: uuid({ nullable: true }),
    note: words(400),
    holding: json(),
    proved: yes(),
    beganBy: uuid(),
    beganAt: moment(),
    changedBy: uuid(),
    changedAt: moment(),
    version: whole(),
  },
  indices: [
    { name: 'trace_run_bike', columns: ['bikeId', 'beganAt'] },
    { name: 'trace_run_state', columns: ['state', 'changedAt'] },
    { name: 'trace_run_proved', columns: ['proved', 'trace'] },
  ],
});

/** A hole in a tube: at which hour of the wheel, and by what. */
export interface PunctureRow {
  id: string;
  bikeId: string;
  position: Position;
  hour: number;
  cause: string;
  at: Date;
}
export const punctureEntity = new EntitySchema<PunctureRow>({
  name: 'puncture',
  columns: { id: key(), bikeId: uuid(), position: word(), hour: whole(), cause: word(), at: moment() },
  indices: [{ name: 'puncture_bike', columns: ['bikeId', 'at'] }],
});
