import { message } from '@cadre/web/platform/i18n';

// time-limit
export const noAnswerWithinMs = message('no answer within {ms} ms');
