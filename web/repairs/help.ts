import type { ViewHelp } from '@cadre/web/platform/nav';
import * as t from './messages';

const help: ViewHelp = {
  purpose: [t.helpBenchPurpose1, t.helpBenchPurpose2],
  words: [
    { word: t.helpBenchRecheck, means: t.helpBenchRecheckMeans },
    { word: t.helpBenchRelease, means: t.helpBenchReleaseMeans },
    { word: t.helpBenchNotReassembled, means: t.helpBenchNotReassembledMeans },
  ],
};
export default help;
