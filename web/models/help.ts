import type { ViewHelp } from '@cadre/web/platform/nav';
import * as t from './messages';

const help: ViewHelp = {
  purpose: [t.helpModelsPurpose1],
  words: [
    { word: t.helpModelsWord1, means: t.helpModelsMeans1 },
    { word: t.helpModelsWord2, means: t.helpModelsMeans2 },
  ],
};
export default help;
