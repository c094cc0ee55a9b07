import type { ViewHelp } from '@cadre/web/platform/nav';
import * as t from './messages';

const help: ViewHelp = {
  purpose: [t.helpBatchCheckPurpose1, t.helpBatchCheckPurpose2],
  words: [
    { word: t.helpBatchCheckBatch, means: t.helpBatchCheckBatchMeans },
    { word: t.helpBatchCheckPaperSheet, means: t.helpBatchCheckPaperSheetMeans },
  ],
};
export default help;
