import {
  changeSecret,
  endSessions,
  listDevices,
  endDevice,
  resetSecret,
  setPin,
  removePin,
  signIn,
  currentSession,
  signOut,
  bindWriter,
  listPeople,
  addPerson,
  changePerson,
  personData,
  removeName,
  setCompetence,
} from '@cadre/contract/people';
import {
  answering,
  deviceKind,
  deviceOf,
  deviceToken,
  sessionToken,
  setDeviceCookie,
  setSessionCookie,
  type Implemented,
} from '@cadre/server/platform/http';
import type { OwnData } from './own-data';
import type { Pins } from './pins';
import type { People } from './service';
import type { Sessions } from './sessions';
import type { Writers } from './writers';

export const peopleRoutes = ({
  people,
  ownData,
  pins,
  sessions,
  writers,
}: {
  readonly people: People;
  readonly ownData: OwnData;
  readonly pins: Pins;
  readonly sessions: Sessions;
  readonly writers: Writers;
}): readonly Implemented[] => [
  answering(signIn, async ({ body, req, res }) => {
    const device = deviceToken(req);
    const { token, session } = await sessions.signIn({
      ...body,
      device: deviceOf(device),
      kind: deviceKind(req),
      address: req.ip ?? '',
      oldToken: sessionToken(req),
      oldCounter: body.lastCounter,
    });
    setSessionCookie(req, res, token);
    setDeviceCookie(req, res, device);
    return session;
  }),
  answering(currentSession, async (_call, actor) => sessions.describe(await people.one(actor.id), actor)),
  answering(signOut, async ({ query, req, res }) => {
    const token = sessionToken(req);
    if (token) await sessions.end(token, query.counter);
    setSessionCookie(req, res, null);
    return { done: true as const };
  }),
  answering(bindWriter, async ({ body, req }, actor) => {
    await writers.bind(actor, body, sessionToken(req));
    return { done: true as const };
  }),
  answering(changeSecret, async ({ body, req }, actor) => {
    await sessions.limitedFor(actor.id, () => people.changeSecret(actor, body, sessionToken(req)));
    return sessions.describe(await people.one(actor.id), actor);
  }),
  answering(setPin, async ({ body }, actor) => {
    await sessions.limitedFor(actor.id, () => pins.set(actor, body));
    return sessions.describe(await people.one(actor.id), actor);
  }),
  answering(removePin, async (_call, actor) => {
    await pins.remove(actor);
    return sessions.describe(await people.one(actor.id), actor);
  }),
  answering(endSessions, async ({ req, res }, actor) => {
    await sessions.endAll(actor.id);
    setSessionCookie(req, res, null);
    return { done: true as const };
  }),
  answering(listDevices, async (_call, actor) => ({
    devices: await sessions.devices(actor.id, actor.device),
  })),
  answering(endDevice, async ({ params }, actor) => {
    await sessions.endDevice(actor.id, params.device);
    return { done: true as const };
  }),
  answering(resetSecret, async ({ params, body }, actor) => people.resetSecret(actor, params.id, body)),
  answering(listPeople, async (_call, actor) => ({ people: await people.list(actor) })),
  answering(addPerson, async ({ body }, actor) => people.add(actor, body)),
  answering(changePerson, async ({ params, body }, actor) => people.change(actor, params.id, body)),
  answering(personData, async ({ params }, actor) => ownData.export(actor, params.id)),
  answering(removeName, async ({ params, body }, actor) => ownData.removeName(actor, params.id, body.id)),
  answering(setCompetence, async ({ params, body }, actor) =>
    people.setCompetence(actor, params.id, params.system, body),
  ),
];
