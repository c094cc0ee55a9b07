import type { ViewHelp } from '@cadre/web/platform/nav';
import * as t from './messages';

const help: ViewHelp = {
  purpose: [t.helpGroupsPurpose1],
  words: [{ word: t.helpGroupsShort, means: t.helpGroupsShortMeans }],
};
export default help;
