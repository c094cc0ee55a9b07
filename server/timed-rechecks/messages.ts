import { message } from '@cadre/server/platform/messages';

export const lostOverTest = message('Lost {percent} % a day in its leak test');
