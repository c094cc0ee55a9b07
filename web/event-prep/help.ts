import type { ViewHelp } from '@cadre/web/platform/nav';
import * as t from './messages';

const help: ViewHelp = {
  purpose: [t.helpEvents],
  words: [{ word: t.helpNight, means: t.helpNightMeans }],
};
export default help;
