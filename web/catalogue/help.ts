import type { ViewHelp } from '@cadre/web/platform/nav';
import * as t from './messages';

const help: ViewHelp = {
  purpose: [t.allChecklistsWithNumber],
  words: [
    { word: t.rideOut, means: t.checkBeforeBikeGoes },
    { word: t.turnaround, means: t.shortCheckBetweenTwo },
    { word: t.publishedVersion, means: t.versionNeverChanges },
  ],
};
export default help;
