import type { ViewHelp } from '@cadre/web/platform/nav';
import * as t from './messages';

const help: ViewHelp = {
  purpose: [t.helpBatchCheckPurpose1, t.helpBatchCheckPurpose2],
  words: [
    { word: t.helpBatchCheckWord1, means: t.helpBatchCheckMeans1 },
    { word: t.helpBatchCheckWord2, means: t.helpBatchCheckMeans2 },
  ],
};
export default help;
