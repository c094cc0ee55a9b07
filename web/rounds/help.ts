import type { ViewHelp } from '@cadre/web/platform/nav';
import * as t from './messages';

const help: ViewHelp = {
  purpose: [t.helpRoundsPurpose1, t.helpRoundsPurpose2],
  words: [
    { word: t.helpRoundsWord1, means: t.helpRoundsMeans1 },
    { word: t.helpRoundsWord2, means: t.helpRoundsMeans2 },
  ],
};
export default help;
