import { message } from '@cadre/server/platform/messages';

export const order = message('what to order');
export const clean = message('clean and check');
export const soak = message('pressures for the night');
export const morning = message('the morning');
export const roundOf = message('{event}: {step}');
export const movedAway = message('The event was moved to another day');
export const calledOff = message('The event was called off');
export const soaked = message('Tyre set for the night before {event}');
