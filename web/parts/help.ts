import type { ViewHelp } from '@cadre/web/platform/nav';
import * as t from './messages';

const help: ViewHelp = {
  purpose: [t.helpStockPurpose1],
  words: [
    { word: t.helpStockMinimum, means: t.helpStockMinimumMeans },
    { word: t.helpStockLeadTime, means: t.helpStockLeadTimeMeans },
  ],
};
export default help;
