import type { ViewHelp } from '@cadre/web/platform/nav';
import * as t from './messages';

const help: ViewHelp = {
  purpose: [t.helpCampaigns],
  words: [{ word: t.helpFixed, means: t.helpFixedMeans }],
};
export default help;
