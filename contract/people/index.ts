import { route, type Told } from '@cadre/contract/http';
import type * as schemas from './schemas';

export type Person = Told<typeof schemas.person>;
export type Session = Told<typeof schemas.session>;

export const signIn = route<typeof schemas.signIn>({
  name: 'session.sign-in',
  method: 'POST',
  path: '/api/v1/session',
  act: 'public',
});

export const currentSession = route<typeof schemas.currentSession>({
  name: 'session.current',
  method: 'GET',
  path: '/api/v1/session',
  act: 'signed-in',
});

export const signOut = route<typeof schemas.signOut>({
  name: 'session.sign-out',
  method: 'DELETE',
  path: '/api/v1/session',
  act: 'signed-in',
});

/** Binds a key of this person on this browser, right after they signed in: what is signed with it is theirs, whoever delivers it. */
export const bindWriter = route<typeof schemas.bindWriter>({
  name: 'session.bind-writer',
  method: 'POST',
  path: '/api/v1/session/writer',
  act: 'signed-in',
});

/** Changes one's own code; the current one is asked for. Every other session of this person ends. */
export const changeSecret = route<typeof schemas.changeSecret>({
  name: 'session.change-secret',
  method: 'POST',
  path: '/api/v1/session/secret',
  act: 'signed-in',
});

/** Sets one's own PIN on this browser. Wrong five times it is gone. */
export const setPin = route<typeof schemas.setPin>({
  name: 'session.set-pin',
  method: 'POST',
  path: '/api/v1/session/pin',
  act: 'signed-in',
});

export const removePin = route<typeof schemas.removePin>({
  name: 'session.remove-pin',
  method: 'POST',
  path: '/api/v1/session/pin/remove',
  act: 'signed-in',
});

/** Signs this person out on every device, this one too. */
export const endSessions = route<typeof schemas.endSessions>({
  name: 'session.end-all',
  method: 'POST',
  path: '/api/v1/session/end-all',
  act: 'signed-in',
});

/** Where this person is signed in. */
export const listDevices = route<typeof schemas.listDevices>({
  name: 'session.devices',
  method: 'GET',
  path: '/api/v1/session/devices',
  act: 'signed-in',
});

/** Signs this person out on one device. */
export const endDevice = route<typeof schemas.endDevice>({
  name: 'session.end-device',
  method: 'POST',
  path: '/api/v1/session/devices/:device/end',
  act: 'signed-in',
});

/** The lead gives somebody who forgot theirs a code for one sign-in. Their sessions end. */
export const resetSecret = route<typeof schemas.resetSecret>({
  name: 'people.reset-secret',
  method: 'POST',
  path: '/api/v1/people/:id/secret',
  act: 'edit-program',
});

export const listPeople = route<typeof schemas.listPeople>({
  name: 'people.list',
  method: 'GET',
  path: '/api/v1/people',
  act: 'see',
});

export const addPerson = route<typeof schemas.addPerson>({
  name: 'people.add',
  method: 'POST',
  path: '/api/v1/people',
  act: 'edit-program',
});

export const changePerson = route<typeof schemas.changePerson>({
  name: 'people.change',
  method: 'PUT',
  path: '/api/v1/people/:id',
  act: 'edit-program',
});

/** The lead signs a person off for a system of the bike, or takes that back. */
export const setCompetence = route<typeof schemas.setCompetence>({
  name: 'people.competence',
  method: 'PUT',
  path: '/api/v1/people/:id/competences/:system',
  act: 'edit-program',
});

/** All that is kept of a person: for themselves, and for a lead. */
export const personData = route<typeof schemas.personData>({
  name: 'people.data',
  method: 'GET',
  path: '/api/v1/people/:id/data',
  act: 'signed-in',
});

/** The lead destroys the name of somebody who has left; what they did stays. */
export const removeName = route<typeof schemas.removeName>({
  name: 'people.remove-name',
  method: 'POST',
  path: '/api/v1/people/:id/remove-name',
  act: 'edit-program',
});
