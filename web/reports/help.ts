import type { ViewHelp } from '@cadre/web/platform/nav';
import * as t from './messages';

const help: ViewHelp = {
  purpose: [t.helpReports],
  words: [
    { word: t.makeFinding, means: t.helpFinding },
    { word: t.closeReport, means: t.helpClose },
  ],
};
export default help;
