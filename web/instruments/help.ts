import type { ViewHelp } from '@cadre/web/platform/nav';
import * as t from './messages';

const help: ViewHelp = {
  purpose: [t.helpPurpose, t.helpByHand],
  words: [{ word: t.register, means: t.helpRegister }],
};
export default help;
