import type { ViewHelp } from '@cadre/web/platform/nav';
import * as t from './messages';

const help: ViewHelp = {
  purpose: [t.helpRoundsPurpose1, t.helpRoundsPurpose2],
  words: [
    { word: t.helpRoundsDailyRound, means: t.helpRoundsDailyRoundMeans },
    { word: t.helpRoundsLikelyFinish, means: t.helpRoundsLikelyFinishMeans },
  ],
};
export default help;
