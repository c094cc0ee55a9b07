import type { ViewHelp } from '@cadre/web/platform/nav';
import * as t from './messages';

const help: ViewHelp = {
  purpose: [t.helpLabels],
  words: [{ word: t.lostLabelShort, means: t.helpLost }],
};
export default help;
