import { message } from '@cadre/web/platform/i18n';

// CautionLine
export const caution = message('Caution:');

// use-refusal
export const serverDoesNotAnswer = message('The server does not answer.');
export const needsTryAgainWhen = message(
  'This needs it. Try again when there is signal; what you typed stays.',
);
