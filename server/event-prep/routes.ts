import { callOffEvent, listEventPreps, setEventPrep } from '@cadre/contract/event-prep';
import { answering, type Implemented } from '@cadre/server/platform/http';
import type { EventPreps } from './service';

export const eventPrepRoutes = (events: EventPreps): readonly Implemented[] => [
  answering(listEventPreps, async (_sent, actor) => events.list(actor)),
  answering(setEventPrep, async ({ params, body }, actor) => events.set(actor, params.id, body)),
  answering(callOffEvent, async ({ params, body }, actor) => events.callOff(actor, params.id, body)),
];
