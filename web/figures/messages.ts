import { message } from '@cadre/web/platform/i18n';

// BikeFigure
export const youHere = message(', you are here');
export const answered = message(', answered');
export const withProblem = message(', with a problem');
