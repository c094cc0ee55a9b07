import type { ViewHelp } from '@cadre/web/platform/nav';
import * as t from './messages';

const help: ViewHelp = {
  purpose: [t.helpPurpose, t.helpWhy],
  words: [{ word: t.noTension, means: t.helpNoTension }],
};
export default help;
