import type { Problem } from '@cadre/contract/http';
import type { ErrorCode, ErrorParams, NotFound, ShownParams } from '@cadre/core/errors';
import * as t from './messages';

export interface Said {
  /** What is wrong. */
  readonly what: string;
  /** What to do about it. */
  readonly todo: string;
}

type Words<C extends ErrorCode> = (params: C extends keyof ShownParams ? ShownParams[C] : unknown) => Said;
const say = (what: string, todo: string) => (): Said => ({ what, todo });
/** A problem that comes without its parameters is still told. */
const list = (values: readonly string[] | undefined): string => (values ?? []).join(' · ');

const KIT_PROBLEM_WORDS: Readonly<Record<string, string>> = {
  withdrawn: t.kitWithdrawn,
  impact: t.kitImpact,
  expired: t.kitExpired,
  incomplete: t.kitIncomplete,
  damp: t.kitDamp,
};

const NOT_FOUND_WORDS: Record<NotFound, string> = {
  address: t.address,
  assessment: t.assessment,
  bike: t.bike,
  campaign: t.campaign,
  chain: t.record,
  check: t.check,
  checklist: t.checklist,
  equipment: t.equipment,
  event: t.event,
  finding: t.finding,
  group: t.group,
  kit: t.kitItem,
  model: t.model,
  'not-reassembled': t.item,
  part: t.part,
  'part-in-stock': t.part,
  person: t.person,
  photo: t.photo,
  program: t.program,
  rack: t.rack,
  recheck: t.recheck,
  repair: t.repair,
  report: t.report,
  round: t.round,
  route: t.route,
  service: t.service,
  site: t.site,
  sound: t.recording,
  trace: t.search,
};

/** Why a recording was not accepted. */
const SOUND_PROBLEM_WORDS: Readonly<Record<string, string>> = {
  'no-sound': t.noSound,
  'too-large': t.soundTooLarge,
  'too-long': t.soundTooLong,
};

/** What each refusal says. A new code does not compile until it has its words. */
const WORDS: { readonly [C in ErrorCode]: Words<C> } = {
  'session.required': say(t.youNotSignedIn, t.signInYourMarks),
  'session.refused': say(t.nameCodeDoNot, t.tryAgainAskLead),
  'session.pin-gone': say(t.tooManyWrongPins, t.signInWithYour),
  'session.code-needed': say(t.youSignedInWith, t.signInWithYourCode),
  'session.no-device': say(t.browserDoesNotAccept, t.allowCookiesSignIn),
  'session.throttled': (p) => ({
    what: t.tooManyWrongCodes,
    todo: t.waitMinutesMinutesAsk({ minutes: p.minutes }),
  }),
  'session.current-secret-wrong': say(t.notYourCurrentCode, t.tryAgain),
  'session.secret-one-time': say(t.yourCodeWasValid, t.chooseYourOwnCode),
  'person.still-here': say(t.personStillWorksHere, t.markPersonAsLeft),
  'person.nameless': say(t.nameWasRemovedPermanently, t.addPersonAgainUnder),
  'person.last-lead': say(t.personOnlyLead, t.makeAnotherPersonLead),
  'act.not-allowed': (p) => ({
    what: p.trainee ? t.traineeMayNotDo : t.yourRoleDoesNot,
    todo: t.askLeadChangePerson,
  }),
  'origin.refused': say(t.pageWasOpenedFrom, t.openCadreItsOwn),
  'not-found': (p) => ({
    what: t.whatDoesNotExist({ what: NOT_FOUND_WORDS[p.what] }),
    todo: t.mayHaveBeenRemoved,
  }),
  'body.invalid': say(t.someValuesMissingWrong, t.correctFieldsMarkedBelow),
  'body.too-large': (p) => ({
    what: t.dataLargerThanLimitKb({ limitKb: p.limitKb }),
    todo: t.sendLessTime,
  }),
  'conflict.id-reused': say(t.earlierAttemptWasSaved, t.reloadPageChangeSaved),
  'conflict.version': say(t.anotherPersonHasChanged, t.compareBothVersionsChoose),
  'conflict.check-open': say(t.bikeAlreadyHasOpen, t.joinCheck),
  'setup.already-done': say(t.programAlreadySetUp, t.signIn),
  'tag.taken': (p) => ({ what: t.tagTagAlreadyIn({ tag: p.tag }), todo: t.chooseAnotherTag }),
  'hook.taken': (p) => ({
    what: t.bikeTagOnHook({ tag: p.tag }),
    todo: t.chooseFreeHook,
  }),
  'sign-in-name.taken': say(t.signInNameAlready, t.chooseAnotherName),
  'model.name-taken': (p) => ({
    what: t.modelNamedNameAlready({ name: p.name }),
    todo: t.chooseAnotherNameChange,
  }),
  'rack.not-empty': (p) => ({
    what: t.bikeStillOnRack({ bikes: p.bikes }),
    todo: t.moveTheseBikesOther,
  }),
  'rack.hooks-taken': (p) => ({
    what: t.tagsOnHooksYou({ tags: list(p.tags) }),
    todo: t.moveTheseBikesOther,
  }),
  'rack.order-stale': say(t.anotherPersonHasAdded, t.racksReloadedOrderThem),
  'part.does-not-fit': say(t.partDoesNotSuit, t.chooseAnotherBikeEnter),
  'part.not-fitted': say(t.partNoLongerOn, t.reloadListParts),
  'group.ends-before-it-begins': say(t.returnTimeBeforeDeparture, t.correctTimesMarkedBelow),
  'checklist.critical-dropped': (p) => ({
    what: t.checklistLeavesOutCritical({ checkpoints: list(p.checkpoints) }),
    todo: t.enterReasonStoredWith,
  }),
  'import.rows-refused': say(t.someRowsCannotImported, t.rowsListedBelowNo),
  'clock.not-behind': say(t.serversClockNotBehind, t.youDoNotNeed),
  'host.refused': say(t.cadreDoesNotAccept, t.openCadreItsUsual),
  'server.busy': say(t.serverBusy, t.cadreTriesAgainIn),
  'author.unproven': say(t.entryHasNoProof, t.authorMustSignIn),
  'writer.bound-late': say(t.youSignedInToo, t.signInAgain),
  'check.already-signed': say(t.checkAlreadySigned, t.startNewCheck),
  'check.abandoned': say(t.checkWasLeftUnfinished, t.startNewCheck),
  'check.mark-not-asked': say(t.checklistDoesNotAsk, t.bikesBuildMayHave),
  'check.marks-missing': say(t.anotherPersonHasMarked, t.readNewAnswersThen),
  'check.own-co-sign': say(t.youSignedCheckYourself, t.askAnotherPersonCo),
  'check.not-amendable': say(t.checkCannotAmendedOnly, t.startNewCheckBike),
  'round.bike-twice': (p) => ({ what: t.listedTwiceTags({ tags: list(p.tags) }), todo: t.removeSecondEntry }),
  'sound.refused': (p) => ({ what: SOUND_PROBLEM_WORDS[p.problem] ?? t.noSound, todo: t.recordAgain }),
  'photo.no-picture': say(t.cadreCannotReadFile, t.takePhotoChooseJpeg),
  'photo.too-wide': (p) => ({
    what: t.pictureHasWidthHeight({
      width: p.width,
      height: p.height,
      most: p.most,
    }),
    todo: t.chooseSmallerPictureTake,
  }),
  'photo.too-many': (p) => ({
    what: t.questionAlreadyHasMost({ most: p.most }),
    todo: t.describeRestInNote,
  }),
  'timed-recheck.over': say(t.anotherPersonHasAlready, t.reloadBikeSeeAnswer),
  'timed-recheck.gauge-again': say(t.leakTestNeedsSecond, t.measurePressureAgainEnter),
  'round.closed': say(t.anotherPersonHasClosed, t.makeNewRoundFor),
  'round.undone-unsaid': (p) => ({
    what: t.noReasonGivenFor({ tags: list(p.tags) }),
    todo: t.enterReasonForEach,
  }),
  'round.deadline-past': say(t.deadlineInPast, t.setLaterTime),
  'check.not-awaiting-co-sign': say(t.checkDoesNotNeed, t.youDoNotNeedDo),
  'hand-out.not-fit': (p) => ({
    what: t.tagPart({
      tag: p.tag,
      part: p.fitness === 'held' ? t.held : t.dueRideOutCheck,
    }),
    todo: t.bikeCannotHandedOut,
  }),
  'hand-out.not-in': (p) => ({
    what: t.tagOutAway({ tag: p.tag }),
    todo: t.takeBikeBackFirst,
  }),
  'take-back.not-out': (p) => ({ what: t.tagNotOut({ tag: p.tag }), todo: t.checkTagReload }),
  'group.over': (p) => ({ what: t.groupOver({ name: p.name }), todo: t.changeGroupTimes }),
  'calendar.off': say(t.calendarsNotFetched, t.calendarHostsSetting),
  'calendar.host-not-set': (p) => ({
    what: t.hostNotAllowed({ host: p.host }),
    todo: t.calendarHostsSetting,
  }),
  'calendar.private-address': (p) => ({ what: t.hostIsPrivate({ host: p.host }), todo: t.useCalendarFile }),
  'calendar.too-large': say(t.calendarTooLarge, t.useCalendarFile),
  'calendar.timed-out': say(t.calendarTimedOut, t.useCalendarFile),
  'calendar.no-answer': (p) => ({
    what: p.status
      ? t.hostAnsweredStatus({ host: p.host, status: p.status })
      : t.hostNoAnswer({ host: p.host }),
    todo: t.checkCalendarAddress,
  }),
  'kit.not-in': (p) => ({ what: t.tagIsLent({ tag: p.tag }), todo: t.takeItemBackFirst }),
  'kit.not-out': (p) => ({ what: t.tagIsNotLent({ tag: p.tag }), todo: t.reloadKit }),
  'kit.not-ready': (p) => ({
    what: t.tagCannotBeLent({ tag: p.tag, why: KIT_PROBLEM_WORDS[p.problem] ?? p.problem }),
    todo: t.takeAnotherItem,
  }),
  'kit.packed-for-other': (p) => ({
    what: t.tagPackedFor({ tag: p.tag, name: p.name }),
    todo: t.takeAnotherItem,
  }),
  'kit.withdrawn': (p) => ({ what: t.tagIsWithdrawn({ tag: p.tag }), todo: t.addNewItemInstead }),
  'equipment.withdrawn': (p) => ({ what: t.tagIsWithdrawn({ tag: p.tag }), todo: t.addNewItemInstead }),
  'trace.over': say(t.searchIsOver, t.beginNewSearch),
  'trace.not-repaired': say(t.searchNotRepaired, t.repairRecheckThenSay),
  'labels.no-address': say(t.noPublicAddress, t.setPublicAddress),
  'report.dealt-with': say(t.reportDealtWith, t.reloadReports),
  'severity.not-higher': say(t.severityNotHigherThan, t.chooseHigherSeverity),
  'severity.not-lower': say(t.findingAlreadyHasSeverity, t.chooseAnotherName),
  'severity.under-stop-floor': say(t.faultAlwaysMeansDo, t.repairRecheckReleaseBike),
  'repair.finding-not-open': say(t.findingAlreadyClosed, t.reloadBench),
  'finding.still-asked': (p) => ({
    what: t.faultPartStillOn({ fault: p.fault }),
    todo: t.repairRecheckPartIf,
  }),
  'merge.other-bike': say(t.theseFindingsOnTwo, t.onlyFindingsOnOne),
  'merge.other-look': (p) => ({
    what: t.theseFindingsBelongTwo({ checkpoints: list(p.checkpoints) }),
    todo: t.keepBothFindingsOne,
  }),
  'merge.same': say(t.sameFinding, t.chooseAnotherFindingMerge),
  'stock.not-enough': (p) => ({
    what: t.nameOnHandInStock({
      name: p.name,
      onHand: p.onHand,
      count: p.count,
    }),
    todo: t.countStockCorrectNumber,
  }),
  'stock.below-nothing': (p) => ({
    what: t.nameOnlyOnHandIn({ name: p.name, onHand: p.onHand }),
    todo: t.enterNumberInStock,
  }),
  'repair.over-torque': (p) => ({
    what: t.valueNMAbove({ value: p.value, most: p.most }),
    todo: t.loosenJointInspectPart,
  }),
  'hang-tag.hangs-already': (p) => ({
    what: t.hangTagHangTagAlready({ hangTag: p.hangTag }),
    todo: t.oneHangTagEnough,
  }),
  'assessment.decided': say(t.assessmentAlreadyDecided, t.openBikesPage),
  'assessment.not-priced': (p) => ({
    what: t.noPriceYetFor({ faults: list(p.faults) }),
    todo: t.enterPriceForEvery,
  }),
  'repair.finding-in-work': (p) => ({
    what: t.faultAlreadyInRepair({ fault: p.fault }),
    todo: t.finishRepair,
  }),
  'repair.already-done': say(t.repairAlreadyDone, t.continueWithRecheck),
  'repair.not-done-yet': say(t.repairNotDoneYet, t.enterWhatWasDone),
  'repair.nothing-to-recheck': say(t.repairHasNothingRecheck, t.enterWhatWorkTouched),
  'recheck.second-person': (p) => ({
    what: t.youDidRepairYourself({ faults: list(p.faults) }),
    todo: t.yourPolicyRequiresSecond,
  }),
  'release.not-held': say(t.bikeNotHeld, t.bikeDoesNotNeed),
  'release.hang-tag-out': (p) => ({
    what: t.hangTagHangTagStill({ hangTag: p.hangTag }),
    todo: t.takeHangTagOff,
  }),
  'release.not-ready': (p) => ({
    what: t.notReadyForRelease({ blocks: list(p.blocks) }),
    todo: t.repairRecheckReassembleEverything,
  }),
  'not-reassembled.already-closed': say(t.itemAlreadyReassembled, t.youDoNotNeedDo),
  unexpected: say(t.serverHadError, t.tryAgainIfError),
};

export function problemWords(problem: Problem): Said {
  // A problem's parameters are those of its code: the server does not compile otherwise.
  const said = (WORDS[problem.code] as (params: ErrorParams) => Said)(problem.params ?? {});
  return problem.requestId ? { ...said, todo: `${said.todo} (${problem.requestId})` } : said;
}
