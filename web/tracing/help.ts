import type { ViewHelp } from '@cadre/web/platform/nav';
import * as t from './messages';

const help: ViewHelp = {
  purpose: [t.helpPurpose, t.helpNoRelease],
  words: [
    { word: t.cannotTell, means: t.helpCannotTell },
    { word: t.doNotRide, means: t.helpExclude },
  ],
};
export default help;
