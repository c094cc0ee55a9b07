import type { Problem } from '@cadre/contract/http';
import type { ErrorCode, ErrorParams } from '@cadre/core/errors';
import * as t from './messages';

export interface Said {
  /** What is wrong. */
  readonly what: string;
  /** What to do about it. */
  readonly todo: string;
}

type Words = (params: ErrorParams) => Said;
const say =
  (what: string, todo: string): Words =>
  () => ({ what, todo });
const list = (value: unknown): string => (Array.isArray(value) ? value.join(' · ') : String(value ?? ''));

/** What each refusal says. A new code does not compile until it has its words. */
const WORDS: Record<ErrorCode, Words> = {
  'session.required': say(t.youNotSignedIn, t.signInWhatYou),
  'session.refused': say(t.nameCodeDoNot, t.tryAgainLeadCan),
  'session.pin-gone': say(t.tooManyWrongPins, t.signInWithYour),
  'session.code-needed': say(t.youSignedInWith, t.signInWithYourCode),
  'session.no-device': say(t.browserKeepsNoCookies, t.allowThemSignIn),
  'session.throttled': (p) => ({
    what: t.tooManyWrongTries,
    todo: t.waitMinutesMinutesAsk({ minutes: String(p.minutes ?? 15) }),
  }),
  'session.current-secret-wrong': say(t.notYourCurrentCode, t.tryAgain),
  'session.secret-one-time': say(t.yourCodeWasGood, t.chooseYourOwnFirst),
  'person.still-here': say(t.theyStillWorkHere, t.sayTheyHaveLeft),
  'person.nameless': say(t.nameWasRemovedFor, t.addThemAsNew),
  'person.last-lead': say(t.onlyLead, t.makeSomebodyElseLead),
  'act.not-allowed': (p) => ({
    what: p.trainee ? t.traineeMayNotDo : t.yourRoleMayNot,
    todo: t.askLeadChangePerson,
  }),
  'origin.refused': say(t.pageWasNotOpened, t.openCadreItsOwn),
  'not-found': (p) => ({
    what: t.thereNoSuchWhat({ what: String(p.what ?? 'thing') }),
    todo: t.mayHaveBeenRemoved,
  }),
  'body.invalid': say(t.somethingNotFilledIn, t.seeFieldsMarkedBelow),
  'body.too-large': (p) => ({
    what: t.moreThanLimitkbKb({ limitKb: String(p.limitKb ?? '') }),
    todo: t.sendLessOnce,
  }),
  'conflict.id-reused': say(t.earlierTryWasSaved, t.reloadPageSeeWhat),
  'conflict.version': say(t.somebodyElseChangedMeanwhile, t.compareBothChoose),
  'conflict.check-open': say(t.checkOpenOnBike, t.joinIt),
  'setup.already-done': say(t.programSetUpAlready, t.signIn),
  'tag.taken': (p) => ({ what: t.tagTagTaken({ tag: String(p.tag ?? '') }), todo: t.chooseAnotherTag }),
  'hook.taken': (p) => ({
    what: t.bikeTagHangsOn({ tag: String(p.tag ?? '') }),
    todo: t.chooseFreeHook,
  }),
  'sign-in-name.taken': say(t.signInNameTaken, t.chooseAnother),
  'model.name-taken': (p) => ({
    what: t.thereModelCalledName({ name: String(p.name ?? '') }),
    todo: t.chooseAnotherNameChange,
  }),
  'rack.not-empty': (p) => ({
    what: t.bikesBikesHangThere({ bikes: String(p.bikes ?? '') }),
    todo: t.hangThemElsewhereFirst,
  }),
  'rack.hooks-taken': (p) => ({
    what: t.tagsHangOnHooks({ tags: list(p.tags) }),
    todo: t.hangThemElsewhereFirst,
  }),
  'rack.order-stale': say(t.somebodyAddedTookDown, t.racksShownAsThey),
  'part.does-not-fit': say(t.bikesBuildSpeaksAgainst, t.chooseAnotherBikeSay),
  'part.not-fitted': say(t.partNotOnBike, t.lookPartsAgain),
  'group.ends-before-it-begins': say(t.groupWouldBackBefore, t.seeTimesMarkedBelow),
  'checklist.critical-dropped': (p) => ({
    what: t.checklistLeavesOutCritical({ checkpoints: list(p.checkpoints) }),
    todo: t.giveReasonStoredWith,
  }),
  'import.rows-refused': say(t.someRowsCannotCome, t.theyNamedBelowNone),
  'clock.not-behind': say(t.clockNotBehindRecord, t.nothingHasConfirmed),
  'host.refused': say(t.addressNotOneCadre, t.openAddressWasSet),
  'server.busy': say(t.serverBusy, t.cadreTriesAgainIn),
  'author.unproven': say(t.nothingShowsPersonEntered, t.theyHaveSignIn),
  'writer.bound-late': say(t.youSignedInToo, t.signInAgain),
  'check.already-signed': say(t.checkWasSignedAlready, t.beginNewOneLook),
  'check.abandoned': say(t.checkWasLeftOn, t.beginNewOne),
  'check.mark-not-asked': say(t.checklistDoesNotAsk, t.itsBuildMayHave),
  'check.marks-missing': say(t.somebodyElseMarkedOn, t.lookOverWhatThey),
  'check.own-co-sign': say(t.youSignedCheckYourself, t.somebodyElseCoSigns),
  'check.not-amendable': say(t.onlySignedCheckCan, t.beginNewCheckBike),
  'round.bike-twice': (p) => ({ what: t.inTwiceTags({ tags: list(p.tags) }), todo: t.takeSecondOneOut }),
  'photo.no-picture': say(t.fileNoPictureCadre, t.takePhotoChooseJpeg),
  'photo.too-wide': (p) => ({
    what: t.pictureWidthHeightPixels({
      width: String(p.width),
      height: String(p.height),
      most: String(p.most),
    }),
    todo: t.chooseSmallerOnePhotograph,
  }),
  'photo.too-many': (p) => ({
    what: t.thereMostPhotosLook({ most: String(p.most) }),
    todo: t.sayRestInNote,
  }),
  'timed-recheck.over': say(t.somebodyHasAnsweredLook, t.reloadBikeSeeWhat),
  'timed-recheck.gauge-again': say(t.soakAnsweredSecondGauge, t.gaugeAgainType),
  'round.closed': say(t.roundWasClosedMeanwhile, t.makeNewOneFor),
  'round.undone-unsaid': (p) => ({
    what: t.notDoneNotSaid({ tags: list(p.tags) }),
    todo: t.sayWhyForEach,
  }),
  'round.deadline-past': say(t.deadlinePastAlready, t.setLaterTime),
  'check.not-awaiting-co-sign': say(t.checkWaitsForNo, t.nothingDo),
  'hand-out.not-fit': (p) => ({
    what: t.tagPart({
      tag: String(p.tag ?? t.thisBike),
      part: p.fitness === 'held' ? t.held : t.dueRideOutCheck,
    }),
    todo: t.doesNotGoOut,
  }),
  'hand-out.not-in': (p) => ({
    what: t.tagNotOnIts({ tag: String(p.tag ?? t.thisBike) }),
    todo: t.takeBackFirst,
  }),
  'severity.not-higher': say(t.notWorseThanNow, t.chooseWorseOne),
  'severity.not-lower': say(t.hasSeverityAlready, t.chooseAnother),
  'severity.under-stop-floor': say(t.faultStopStaysOne, t.repairRecheckRelease),
  'repair.finding-not-open': say(t.findingClosedGone, t.reloadBench),
  'finding.still-asked': (p) => ({
    what: t.faultPartStillOn({ fault: typeof p.fault === 'string' ? p.fault : t.thisFinding }),
    todo: t.repairLookAgainIf,
  }),
  'merge.other-bike': say(t.theseFindingsOnTwo, t.mergeOneBikeOpen),
  'merge.other-look': (p) => ({
    what: t.twoDifferentLooksCheckpoints({ checkpoints: list(p.checkpoints) }),
    todo: t.leaveThemApartOne,
  }),
  'merge.same': say(t.sameFinding, t.chooseAnotherOneMerge),
  'stock.not-enough': (p) => ({
    what: t.nameOnhandOnHand({
      name: String(p.name ?? ''),
      onHand: String(p.onHand ?? ''),
      count: String(p.count ?? ''),
    }),
    todo: t.countShelfPutCount,
  }),
  'stock.below-nothing': (p) => ({
    what: t.nameThereOnhandWould({ name: String(p.name ?? ''), onHand: String(p.onHand ?? '') }),
    todo: t.sayHowManyLie,
  }),
  'repair.over-torque': (p) => ({
    what: t.pNMOver({ p: String(p.value ?? ''), most: String(p.most ?? '') }),
    todo: t.loosenLookPartFor,
  }),
  'hang-tag.hangs-already': (p) => ({
    what: t.hangTagHangtagOn({ hangTag: String(p.hangTag ?? '') }),
    todo: t.oneEnoughComesBack,
  }),
  'assessment.decided': say(t.assessmentWasDecidedAlready, t.lookBikeItself),
  'assessment.not-priced': (p) => ({
    what: t.notPricedYetFaults({ faults: list(p.faults) }),
    todo: t.priceEveryFindingNothing,
  }),
  'repair.finding-in-work': (p) => ({
    what: t.faultInWorkAlready({ fault: String(p.fault ?? '') }),
    todo: t.finishRepair,
  }),
  'repair.already-done': say(t.repairDoneAlready, t.goOnRecheck),
  'repair.not-done-yet': say(t.repairNotDoneYet, t.sayWhatWasDone),
  'repair.nothing-to-recheck': say(t.thereNothingLookAgain, t.sayWhatWorkTouched),
  'recheck.second-person': (p) => ({
    what: t.youRepairedYourselfFaults({ faults: list(p.faults) }),
    todo: t.policyWantsSomebodyElse,
  }),
  'release.not-held': say(t.nothingHoldsBike, t.noReleaseNeeded),
  'release.hang-tag-out': (p) => ({
    what: t.hangTagHangtagStill({ hangTag: String(p.hangTag ?? '') }),
    todo: t.takeOffBikeTick,
  }),
  'release.not-ready': (p) => ({
    what: t.notReadyForRelease({ blocks: list(p.blocks) }),
    todo: t.repairRecheckPutEverything,
  }),
  'not-reassembled.already-closed': say(t.wasPutTogetherAlready, t.nothingDo),
  unexpected: say(t.somethingWentWrongOn, t.tryAgainIfStays),
};

export function wordsFor(problem: Problem): Said {
  const said = WORDS[problem.code](problem.params ?? {});
  return problem.requestId ? { ...said, todo: `${said.todo} (${problem.requestId})` } : said;
}

/** What is wrong with one field, by the code of the issue. */
export function fieldWords(code: string, params: ErrorParams = {}): string {
  switch (code) {
    case 'too_small':
      return Number(params.minimum) <= 1 ? t.fillIn : t.leastMinimum({ minimum: String(params.minimum) });
    case 'too_big':
      return t.mostMaximum({ maximum: String(params.maximum) });
    case 'taken':
      return params.tag ? t.takenTag({ tag: String(params.tag) }) : t.taken;
    case 'of-held-bike':
      return t.tagHasHadHeld({ tag: String(params.tag) });
    case 'not-a-number':
      return t.notReadableAsNumber;
    case 'out-of-range':
      return t.fromLeastMostUnit({
        least: String(params.least),
        most: String(params.most),
        unit: String(params.unit ?? ''),
      });
    case 'over-its-most':
      return t.moreThanItsMost({ most: String(params.most) });
    case 'not-after-out':
      return t.laterThanGoesOut;
    case 'unknown-time-zone':
      return t.noTimeZoneName;
    case 'not-at-this-site':
      return t.hookAnotherSite;
    case 'invalid_format':
      return t.lettersDigitsDashesIn;
    case 'stated':
      return t.statedAlreadyParamsBikes({ params: String(params.value) });
    case 'speaks-against':
      return t.speaksAgainstWhatStated;
    case 'broken-text':
      return t.textContainsBrokenCharacter;
    case 'too-deep':
      return t.nestedTooDeeply;
    case 'required':
      return t.fillIn;
    default:
      return t.notAsWantedHere;
  }
}
