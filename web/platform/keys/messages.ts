import { message } from '@cadre/web/platform/i18n';

// keys
export const buttonSummaryInput = message('button, a, summary, input');
