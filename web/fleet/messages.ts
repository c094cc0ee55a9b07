import { message } from '@cadre/web/platform/i18n';

export const somebody = message('somebody');
export const rackHook = message('{rack} {hook}');
