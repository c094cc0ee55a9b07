import type { ViewHelp } from '@cadre/web/platform/nav';
import * as t from './messages';

const help: ViewHelp = {
  purpose: [t.helpCalendarPurpose],
  words: [
    { word: t.helpEntry, means: t.helpEntryMeans },
    { word: t.helpDrag, means: t.helpDragMeans },
  ],
};
export default help;
