import type { ViewHelp } from '@cadre/web/platform/nav';
import * as t from './messages';

const help: ViewHelp = {
  purpose: [t.helpBenchPurpose1, t.helpBenchPurpose2],
  words: [
    { word: t.helpBenchWord1, means: t.helpBenchMeans1 },
    { word: t.helpBenchWord2, means: t.helpBenchMeans2 },
    { word: t.helpBenchWord3, means: t.helpBenchMeans3 },
  ],
};
export default help;
