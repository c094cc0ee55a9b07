import type { ViewHelp } from '@cadre/web/platform/nav';
import * as t from './messages';

const help: ViewHelp = {
  purpose: [t.helpWallPurpose1, t.helpWallPurpose2],
  words: [
    { word: t.helpWallCleared, means: t.helpWallClearedMeans },
    { word: t.helpWallClearedWatch, means: t.helpWallClearedWatchMeans },
    { word: t.helpWallDue, means: t.helpWallDueMeans },
    { word: t.helpWallHeld, means: t.helpWallHeldMeans },
  ],
};
export default help;
