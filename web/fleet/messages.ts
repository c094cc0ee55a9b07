import { message } from '@cadre/web/platform/i18n';

export const unknownPerson = message('unknown person');
export const rackHook = message('{rack} {hook}');
