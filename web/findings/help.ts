import type { ViewHelp } from '@cadre/web/platform/nav';
import * as t from './messages';

const help: ViewHelp = {
  purpose: [t.helpFindingsPurpose1],
  words: [
    { word: t.helpFindingsWord1, means: t.helpFindingsMeans1 },
    { word: t.helpFindingsWord2, means: t.helpFindingsMeans2 },
    { word: t.helpFindingsWord3, means: t.helpFindingsMeans3 },
    { word: t.helpFindingsWord4, means: t.helpFindingsMeans4 },
  ],
};
export default help;
