import { message } from '@cadre/server/platform/messages';

export const group = message('Group');
export const round = message('Round');
export const campaign = message('Campaign');
export const delivery = message('Parts arriving');
export const event = message('Event');
export const service = message('Service');
export const recheck = message('Recheck');
