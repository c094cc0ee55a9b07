import type { ViewHelp } from '@cadre/web/platform/nav';
import * as t from './messages';

const help: ViewHelp = {
  purpose: [t.helpDayPlan],
  words: [{ word: t.helpAgain, means: t.helpAgainMeans }],
};
export default help;
