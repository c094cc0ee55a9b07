import type { ViewHelp } from '@cadre/web/platform/nav';
import * as t from './messages';

const help: ViewHelp = {
  purpose: [t.helpWallPurpose1, t.helpWallPurpose2],
  words: [
    { word: t.helpWallWord1, means: t.helpWallMeans1 },
    { word: t.helpWallWord2, means: t.helpWallMeans2 },
    { word: t.helpWallWord3, means: t.helpWallMeans3 },
    { word: t.helpWallWord4, means: t.helpWallMeans4 },
  ],
};
export default help;
