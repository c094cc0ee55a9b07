import type { ViewHelp } from '@cadre/web/platform/nav';
import * as t from './messages';

const help: ViewHelp = {
  purpose: [t.helpStockPurpose1],
  words: [
    { word: t.helpStockWord1, means: t.helpStockMeans1 },
    { word: t.helpStockWord2, means: t.helpStockMeans2 },
  ],
};
export default help;
