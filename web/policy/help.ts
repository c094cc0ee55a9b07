import type { ViewHelp } from '@cadre/web/platform/nav';
import * as t from './messages';

const help: ViewHelp = {
  purpose: [t.helpPolicyPurpose1],
  words: [
    { word: t.helpPolicyPractice, means: t.helpPolicyPracticeMeans },
    { word: t.helpPolicyService, means: t.helpPolicyServiceMeans },
    { word: t.helpPolicySeason, means: t.helpPolicySeasonMeans },
    { word: t.helpPolicyMarkedValue, means: t.helpPolicyMarkedValueMeans },
  ],
};
export default help;
