import type { ViewHelp } from '@cadre/web/platform/nav';
import * as t from './messages';

const help: ViewHelp = {
  purpose: [t.helpDesk, t.helpScan],
  words: [
    { word: t.hardOrWet, means: t.helpHard },
    { word: t.problem, means: t.helpProblem },
    { word: t.crash, means: t.helpCrash },
  ],
};
export default help;
