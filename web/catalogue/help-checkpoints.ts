import type { ViewHelp } from '@cadre/web/platform/nav';
import * as t from './messages';

const help: ViewHelp = {
  purpose: [t.everyCheckpointHowCheck],
  words: [
    { word: t.checkpoint, means: t.oneThingChecked },
    { word: t.zone, means: t.placeOnBikeWhere },
  ],
};
export default help;
