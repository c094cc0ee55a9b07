import type { ViewHelp } from '@cadre/web/platform/nav';
import * as t from './messages';

const help: ViewHelp = {
  purpose: [t.helpFit, t.helpNotStored],
  words: [
    { word: t.inseam, means: t.helpInseam },
    { word: t.startingPoint, means: t.helpStart },
  ],
};
export default help;
