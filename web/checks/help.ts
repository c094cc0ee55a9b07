import type { ViewHelp } from '@cadre/web/platform/nav';
import * as t from './messages';

const help: ViewHelp = {
  purpose: [t.helpStandPurpose1, t.helpStandPurpose2],
  words: [
    { word: t.helpStandStation, means: t.helpStandStationMeans },
    { word: t.helpStandFixedOnTheSpot, means: t.helpStandFixedOnTheSpotMeans },
    { word: t.helpStandWatch, means: t.helpStandWatchMeans },
    { word: t.helpStandSkipped, means: t.helpStandSkippedMeans },
    { word: t.helpStandCritical, means: t.helpStandCriticalMeans },
  ],
};
export default help;
