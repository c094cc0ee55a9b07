import type { ViewHelp } from '@cadre/web/platform/nav';
import * as t from './messages';

const help: ViewHelp = {
  purpose: [t.helpModelsPurpose1],
  words: [
    { word: t.helpModelsBuild, means: t.helpModelsBuildMeans },
    { word: t.helpModelsFitList, means: t.helpModelsFitListMeans },
  ],
};
export default help;
