import type { ViewHelp } from '@cadre/web/platform/nav';
import * as t from './messages';

const help: ViewHelp = {
  purpose: [t.helpPolicyPurpose1],
  words: [
    { word: t.helpPolicyWord1, means: t.helpPolicyMeans1 },
    { word: t.helpPolicyWord2, means: t.helpPolicyMeans2 },
  ],
};
export default help;
