import type { ViewHelp } from '@cadre/web/platform/nav';
import * as t from './messages';

const help: ViewHelp = {
  purpose: [t.helpStandPurpose1, t.helpStandPurpose2],
  words: [
    { word: t.helpStandWord1, means: t.helpStandMeans1 },
    { word: t.helpStandWord2, means: t.helpStandMeans2 },
    { word: t.helpStandWord3, means: t.helpStandMeans3 },
    { word: t.helpStandWord4, means: t.helpStandMeans4 },
    { word: t.helpStandWord5, means: t.helpStandMeans5 },
  ],
};
export default help;
