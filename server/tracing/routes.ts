import {
  addPuncture,
  closeTrace,
  endTrace,
  openTraces,
  proveTrace,
  saveTrace,
  traceRecord,
} from '@cadre/contract/tracing';
import { answering, type Implemented } from '@cadre/server/platform/http';
import type { Tracing } from './service';

export const tracingRoutes = (tracing: Tracing): readonly Implemented[] => [
  answering(openTraces, async (_sent, actor) => tracing.open(actor)),
  answering(traceRecord, async ({ params }, actor) => tracing.record(actor, params.id)),
  answering(saveTrace, async ({ params, body }, actor) => tracing.save(actor, params.id, body)),
  answering(endTrace, async ({ params, body }, actor) => tracing.end(actor, params.id, body)),
  answering(proveTrace, async ({ params, body }, actor) => tracing.prove(actor, params.id, body)),
  answering(closeTrace, async ({ params, body }, actor) => tracing.close(actor, params.id, body)),
  answering(addPuncture, async ({ params, body }, actor) => tracing.puncture(actor, params.id, body)),
];
