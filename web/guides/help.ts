import type { ViewHelp } from '@cadre/web/platform/nav';
import * as t from './messages';

const help: ViewHelp = {
  purpose: [t.helpPurpose, t.helpNoRelease],
  words: [{ word: t.recheck, means: t.helpRecheck }],
};
export default help;
