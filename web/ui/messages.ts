import { message } from '@cadre/web/platform/i18n';

// CautionLine
export const caution = message('Caution:');

// use-refusal
export const serverDoesNotAnswer = message('The server does not answer.');
export const stepNeedsConnectionTry = message(
  'This step needs a connection. Try again when you are online: your entries are not lost.',
);
