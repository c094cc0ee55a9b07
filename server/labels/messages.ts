import { message } from '@cadre/server/platform/messages';

export const hookNumber = message('{rack} {number}');
export const labels = message('Labels');
