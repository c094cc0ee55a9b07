import type { ViewHelp } from '@cadre/web/platform/nav';
import * as t from './messages';

const help: ViewHelp = {
  purpose: [t.helpPeoplePurpose1],
  words: [
    { word: t.helpPeopleWord1, means: t.helpPeopleMeans1 },
    { word: t.helpPeopleWord2, means: t.helpPeopleMeans2 },
    { word: t.helpPeopleWord3, means: t.helpPeopleMeans3 },
    { word: t.helpPeopleWord4, means: t.helpPeopleMeans4 },
  ],
};
export default help;
