import { route, type Told } from '@cadre/contract/http';
import type * as schemas from './schemas';

export type Sound = Told<typeof schemas.sound>;

/** A short recording of a noise on a bike. */
export const addSound = route<typeof schemas.addSound>({
  name: 'sounds.add',
  method: 'POST',
  path: '/api/v1/bikes/:id/sounds',
  act: 'mark',
});

export const listSounds = route<typeof schemas.listSounds>({
  name: 'sounds.list',
  method: 'GET',
  path: '/api/v1/bikes/:id/sounds',
  act: 'see',
});

/** The recording itself, as an attachment: it never changes under its id. */
export const playSound = route<typeof schemas.playSound>({
  name: 'sounds.play',
  method: 'GET',
  path: '/api/v1/sounds/:id',
  act: 'see',
});
