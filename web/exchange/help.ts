import type { ViewHelp } from '@cadre/web/platform/nav';
import * as t from './messages';

const help: ViewHelp = {
  purpose: [t.helpExchangePurpose1],
  words: [{ word: t.helpExchangeFleetFile, means: t.helpExchangeFleetFileMeans }],
};
export default help;
