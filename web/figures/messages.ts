import { message } from '@cadre/web/platform/i18n';

// BikeFigure
export const hereNow = message(', here now');
export const lookedAt = message(', looked at');
export const withProblem = message(', with a problem');
