import type { ViewHelp } from '@cadre/web/platform/nav';
import * as t from './messages';

const help: ViewHelp = {
  purpose: [t.helpPurpose, t.helpFailed],
  words: [{ word: t.checkDue, means: t.helpDue }],
};
export default help;
