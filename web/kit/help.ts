import type { ViewHelp } from '@cadre/web/platform/nav';
import * as t from './messages';

const help: ViewHelp = {
  purpose: [t.helpKit, t.helpPack],
  words: [
    { word: t.incomplete, means: t.helpIncomplete },
    { word: t.tookImpact, means: t.helpImpact },
    { word: t.damp, means: t.helpDamp },
  ],
};
export default help;
