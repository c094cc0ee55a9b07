import type { ViewHelp } from '@cadre/web/platform/nav';
import * as t from './messages';

const help: ViewHelp = {
  purpose: [t.helpBikePurpose1],
  words: [{ word: t.helpBikeWord1, means: t.helpBikeMeans1 }],
};
export default help;
