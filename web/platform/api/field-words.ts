import type { ErrorParams, FieldCode } from '@cadre/core/errors';
import * as t from './messages';

const always = (words: string) => (): string => words;
const shown = (value: ErrorParams[string] | undefined): string => String(value ?? '');

/** What is wrong with a field. A new code does not compile until it has its words. */
const FIELD_WORDS: Record<FieldCode, (params: ErrorParams) => string> = {
  invalid_type: always(t.valueNotAcceptedHere),
  too_big: (p) => t.maximumMaximum({ maximum: shown(p['maximum']) }),
  too_small: (p) =>
    Number(p['minimum']) <= 1 ? t.fillIn : t.minimumMinimum({ minimum: shown(p['minimum']) }),
  invalid_format: always(t.useLettersDigitsDashes),
  not_multiple_of: always(t.valueNotAcceptedHere),
  unrecognized_keys: always(t.valueNotAcceptedHere),
  invalid_union: always(t.valueNotAcceptedHere),
  invalid_key: always(t.valueNotAcceptedHere),
  invalid_element: always(t.valueNotAcceptedHere),
  invalid_value: always(t.valueNotAcceptedHere),
  custom: always(t.valueNotAcceptedHere),
  required: always(t.fillIn),
  twice: always(t.listedTwice),
  'not-every-zone': always(t.everyZoneOnce),
  'out-of-range': (p) =>
    p['unit']
      ? t.enterLeastMostUnit({ least: shown(p['least']), most: shown(p['most']), unit: shown(p['unit']) })
      : t.enterLeastMost({ least: shown(p['least']), most: shown(p['most']) }),
  'not-a-number': always(t.enterNumberWithIts),
  'over-its-most': (p) => t.enterMostLess({ most: shown(p['most']) }),
  unknown: always(t.notKnownHere),
  taken: (p) => (p['tag'] ? t.inUseTag({ tag: shown(p['tag']) }) : t.alreadyInUse),
  'not-at-this-site': always(t.hookAnotherSite),
  'changed-meanwhile': always(t.anotherPersonHasChanged),
  'of-held-bike': (p) => t.tagHasHadValue({ tag: shown(p['tag']) }),
  'unknown-time-zone': always(t.timeZoneDoesNot),
  stated: (p) => t.alreadySetParamsChange({ params: shown(p['value']) }),
  'speaks-against': always(t.valueContradictsAnotherValue),
  'same-bike': always(t.sameBike),
  wrong: always(t.notYourCode),
  'not-p256': always(t.valueNotAcceptedHere),
  'not-an-address': always(t.mustBeWebAddress),
  'not-json': always(t.notReadable),
  'broken-text': always(t.textContainsBrokenCharacter),
  'too-deep': always(t.dataNestedTooDeeply),
  past: always(t.timeInPast),
  'not-after-out': always(t.enterTimeAfterDeparture),
  'too-few': always(t.tooFewValues),
  'too-many': always(t.tooManyValues),
  'too-late': always(t.tooLate),
  'upside-down': always(t.minimumAboveMaximum),
  'not-whole': always(t.enterWholeNumber),
  'how-many': always(t.wrongNumberOfValues),
  'no-ceiling': always(t.noMaximumKnown),
  'no-room': always(t.noPressureAllowed),
  order: always(t.wrongOrder),
  'outside-fit': always(t.outsideFit),
  'no-such-day': always(t.noSuchDay),
  'season-twice': always(t.seasonTwice),
  'never-open': always(t.neverOpen),
  'exception-twice': always(t.exceptionTwice),
  'interval-by-climate': always(t.intervalByClimate),
  'never-due': (p) => (p['most'] ? t.neverDueMost({ most: shown(p['most']) }) : t.neverDue),
  'always-due': (p) => t.alwaysDueLeast({ least: shown(p['least']) }),
  'settles-each-other': always(t.settlesEachOther),
  backwards: (p) => t.odometerBackwards({ km: shown(p['km']) }),
  leap: (p) => t.odometerLeap({ km: shown(p['km']) }),
};

export function fieldWords(code: FieldCode, params: ErrorParams = {}): string {
  return FIELD_WORDS[code](params);
}
