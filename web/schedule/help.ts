import type { ViewHelp } from '@cadre/web/platform/nav';
import * as t from './messages';

const help: ViewHelp = {
  purpose: [t.helpGroupsPurpose1],
  words: [{ word: t.helpGroupsWord1, means: t.helpGroupsMeans1 }],
};
export default help;
