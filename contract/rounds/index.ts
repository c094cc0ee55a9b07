import { route, type Told } from '@cadre/contract/http';
import type * as schemas from './schemas';

export type Round = Told<typeof schemas.round>;
export type StandingRound = Told<typeof schemas.standingRound>;

export const listRounds = route<typeof schemas.listRounds>({
  name: 'rounds.list',
  method: 'GET',
  path: '/api/v1/rounds',
  act: 'see',
});

export const getRound = route<typeof schemas.getRound>({
  name: 'rounds.get',
  method: 'GET',
  path: '/api/v1/rounds/:id',
  act: 'see',
});

export const makeRound = route<typeof schemas.makeRound>({
  name: 'rounds.make',
  method: 'POST',
  path: '/api/v1/rounds',
  act: 'sign',
});

export const changeRound = route<typeof schemas.changeRound>({
  name: 'rounds.change',
  method: 'PUT',
  path: '/api/v1/rounds/:id',
  act: 'sign',
});

/** Closes it. Every bike not done is named with why. */
export const closeRound = route<typeof schemas.closeRound>({
  name: 'rounds.close',
  method: 'POST',
  path: '/api/v1/rounds/:id/close',
  act: 'sign',
});

/** A round for every day, made by itself before the site opens. */
export const setStandingRound = route<typeof schemas.setStandingRound>({
  name: 'standing-rounds.set',
  method: 'PUT',
  path: '/api/v1/standing-rounds/:id',
  act: 'edit-fleet',
});
