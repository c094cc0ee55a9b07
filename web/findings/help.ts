import type { ViewHelp } from '@cadre/web/platform/nav';
import * as t from './messages';

const help: ViewHelp = {
  purpose: [t.helpFindingsPurpose1],
  words: [
    { word: t.helpFindingsDoNotRide, means: t.helpFindingsDoNotRideMeans },
    { word: t.helpFindingsFixBy, means: t.helpFindingsFixByMeans },
    { word: t.helpFindingsMaintenance, means: t.helpFindingsMaintenanceMeans },
    { word: t.helpFindingsWatch, means: t.helpFindingsWatchMeans },
  ],
};
export default help;
