import { message } from '@cadre/web/platform/i18n';

// BothSides
export const bothSides = message('Both sides');
export const anotherPersonHasChanged = message(
  'Another person has changed the same data. Choose a value for each field, then save.',
);
export const yours = message('Yours:');
export const theirs = message('Theirs:');
export const empty = message('(empty)');
export const saveTheseValues = message('Save these values');
export const useAllMine = message('Use all mine');
export const useAllTheirs = message('Use all theirs');

// BuildFields
export const buildDecidesWhichQuestions = message('Build: decides which questions are asked');
export const labelOwn = message('{label} (own)');
export const accessories = message('Accessories');
export const own = message('(own)');

// FiguresView
export const childsBike20Inch = message('Child’s bike, 20 inch, coaster');
export const hybridDropBarDiscs = message('Hybrid, drop bar, discs');
export const bikeFigures = message('Bike figures');
export const eachFigureDrawnFrom = message(
  'Each figure is drawn from the bike’s build, in millimetres. Touch a zone to highlight it.',
);
export const nameRouteRoundBike = message('{name}, route round the bike');

// FitFields
export const mineralOil = message('Mineral oil');
export const yes = message('Yes');
export const no = message('No');

// ModelFormView
export const someValuesMissingWrong = message('Some values are missing or wrong.');
export const correctFieldsMarkedBelow = message('Correct the fields marked below.');
export const savedBuildBikeChanged = message(
  'Saved. The build of {bikes, plural, one {# bike} other {# bikes}} changed{part}.',
);
export const bikeNowDueBecause = message(
  '; {due, plural, one {# bike is} other {# bikes are}} now due, because the new build asks more questions',
);
export const name = message('Name');
export const model = message('Model');
export const addModel = message('Add model');
export const asWrittenOnYour = message('As written on your list');
export const fitList = message('Fit list');
export const copyValuesMarkedOn = message(
  'Copy the values marked on the parts and leave unknown ones empty. A marking overrides your policy, so a wrong value is worse than none. You can type units: 50 psi, 3,5 bar, 40 in lbf.',
);
export const modelBuild = message('Model build');
export const bikeModel = message('{bikes, plural, one {# bike} other {# bikes}} of this model');
export const saveForAllBikes = message('Save for all bikes of this model');

// ModelsView
export const models = message('Models');
export const bikesBoughtAlikeShare = message(
  'Bikes bought alike share one model: enter its build and parts once. A bike can have its own values; all other values come from its model.',
);
export const kindBike = message('{kind} · {bikes, plural, one {# bike} other {# bikes}}');
export const bikeWithOwnBuild = message('· {own, plural, one {# bike} other {# bikes}} with own build');
export const fitListStatedItems = message('fit list: {stated} of {items} filled in');
export const noModelsYetAdd = message(
  'No models yet. Add the first model, or import a list of bikes: the import can add models.',
);

// use-build-form
export const buildForm = message('the build form');

// views
export const newModel = message('New model');

// help models
export const helpModelsPurpose1 = message(
  'Bikes bought alike share one model: its build decides the questions, its fit list holds the values marked on the parts.',
);
export const helpModelsBuild = message('Build');
export const helpModelsBuildMeans = message('What is fitted to a bike.');
export const helpModelsFitList = message('Fit list');
export const helpModelsFitListMeans = message('Markings on parts, torque and pressures.');

// help figures
export const helpFiguresPurpose1 = message(
  'The drawings of all kinds of bike. Touch a zone to see its name and its place on the route.',
);
