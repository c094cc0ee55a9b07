import type { ViewHelp } from '@cadre/web/platform/nav';
import * as t from './messages';

const help: ViewHelp = {
  purpose: [t.helpBikePurpose1],
  words: [
    { word: t.helpBikeService, means: t.helpBikeServiceMeans },
    { word: t.helpBikeTimeline, means: t.helpBikeTimelineMeans },
  ],
};
export default help;
