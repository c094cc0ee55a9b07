import type { ViewHelp } from '@cadre/web/platform/nav';
import * as t from './messages';

const help: ViewHelp = {
  purpose: [t.helpExchangePurpose1],
  words: [{ word: t.helpExchangeWord1, means: t.helpExchangeMeans1 }],
};
export default help;
