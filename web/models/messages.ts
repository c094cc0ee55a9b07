import { message } from '@cadre/web/platform/i18n';

// BothSides
export const bothSides = message('Both sides');
export const somebodyElseChangedMeanwhile = message(
  'Somebody else changed this meanwhile. Choose for each field, then save.',
);
export const yours = message('Yours:');
export const theirs = message('Theirs:');
export const empty = message('(empty)');
export const saveWhatChosen = message('Save what is chosen');
export const allMine = message('All mine');
export const allTheirs = message('All theirs');

// BuildFields
export const buildDecidesWhatAsked = message('Build: it decides what is asked');
export const labelOwn = message('{label} (own)');
export const carries = message('Carries');
export const own = message('(own)');

// FiguresView
export const childsBike20Inch = message('Child’s bike, 20 inch, coaster');
export const hybridDropBarDiscs = message('Hybrid, drop bar, discs');
export const figures = message('Figures');
export const drawnFromBuildIn = message(
  'Drawn from the build, in millimetres. Touch a place to see that it answers.',
);
export const nameWalkRound = message('{name}, the walk round it');

// FitFields
export const mineralOil = message('Mineral oil');
export const yes = message('Yes');
export const no = message('No');

// ModelFormView
export const somethingNotFilledIn = message('Something is not filled in right.');
export const seeFieldsMarkedBelow = message('See the fields marked below.');
export const savedBikeBuiltAnew = message(
  'Saved. {bikes, plural, one {# bike} other {# bikes}} built anew{part}.',
);
export const themDueForLook = message(
  '; {due, plural, one {# of them} other {# of them}} due for a look, as more is asked of them now',
);
export const name = message('Name');
export const model = message('Model');
export const addModel = message('Add a model');
export const asStandsOnYour = message('As it stands on your list');
export const fitList = message('Fit list');
export const copyWhatMarkedOn = message(
  'Copy what is marked on the parts; leave open what is not known. A marking beats the house’s policy: a wrong one is worse than none. Units can be typed: 50 psi, 3,5 bar, 40 in lbf.',
);
export const modelAsBuilt = message('The model as built');
export const bikeOfIt = message('{bikes, plural, one {# bike} other {# bikes}} of it');
export const saveForAllIts = message('Save for all its bikes');
export const addModel2 = message('Add this model');

// ModelsView
export const models = message('Models');
export const buildPartsEnteredOnce = message(
  'Build and parts are entered once for bikes bought alike. A bike may state its own; the rest follows its model.',
);
export const kindBike = message('{kind} · {bikes, plural, one {# bike} other {# bikes}}');
export const ownWithOwnBuild = message('· {own} with own build');
export const fitListStatedItems = message('fit list {stated} of {items}');
export const noModelsYetList = message(
  'No models yet. A list you bring in can make them, or add the first one.',
);

// use-build-form
export const formBuild = message('the form of a build');

// views
export const newModel = message('New model');
