import type { ViewHelp } from '@cadre/web/platform/nav';
import * as t from './messages';

const help: ViewHelp = {
  purpose: [t.helpPeoplePurpose1],
  words: [
    { word: t.helpPeopleDesk, means: t.helpPeopleDeskMeans },
    { word: t.helpPeopleInspector, means: t.helpPeopleInspectorMeans },
    { word: t.helpPeopleMechanic, means: t.helpPeopleMechanicMeans },
    { word: t.helpPeopleLead, means: t.helpPeopleLeadMeans },
  ],
};
export default help;
