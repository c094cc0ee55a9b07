import type { Problem } from '@cadre/contract/http';
import type { ErrorCode, ErrorParams } from '@cadre/core/errors';

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
  'session.required': say('You are not signed in.', 'Sign in; what you marked is kept here.'),
  'session.refused': say('Name and code do not match.', 'Try again. The lead can set a new code.'),
  'session.pin-gone': say('Too many wrong PINs: the PIN was removed.', 'Sign in with your code.'),
  'session.code-needed': say('You signed in with a PIN.', 'Sign in with your code to do this.'),
  'session.no-device': say('This browser keeps no cookies.', 'Allow them, sign in again, then set a PIN.'),
  'session.throttled': (p) => ({
    what: 'Too many wrong tries.',
    todo: `Wait ${String(p.minutes ?? 15)} minutes, or ask the lead.`,
  }),
  'session.current-secret-wrong': say('That is not your current code.', 'Try again.'),
  'session.secret-one-time': say(
    'Your code was good for one sign-in.',
    'Choose your own first; what you marked is saved here.',
  ),
  'person.still-here': say('They still work here.', 'Say that they have left first.'),
  'person.nameless': say('This name was removed for good.', 'Add them as a new person.'),
  'person.last-lead': say('This is the only lead.', 'Make somebody else a lead first.'),
  'act.not-allowed': (p) => ({
    what: p.trainee ? 'A trainee may not do this alone.' : 'Your role may not do this.',
    todo: 'Ask the lead, or change person.',
  }),
  'origin.refused': say(
    'This page was not opened from Cadre’s own address.',
    'Open Cadre by its own address and try again.',
  ),
  'not-found': (p) => ({
    what: `There is no such ${String(p.what ?? 'thing')}.`,
    todo: 'It may have been removed. Go back and look again.',
  }),
  'body.invalid': say('Something is not filled in right.', 'See the fields marked below.'),
  'body.too-large': (p) => ({
    what: `That is more than ${String(p.limitKb ?? '')} kB.`,
    todo: 'Send less at once.',
  }),
  'conflict.id-reused': say(
    'An earlier try was saved with other values.',
    'Reload the page, see what was saved, and change that.',
  ),
  'conflict.version': say('Somebody else changed this meanwhile.', 'Compare both and choose.'),
  'conflict.check-open': say('A check is open on this bike already.', 'Join it.'),
  'setup.already-done': say('This program is set up already.', 'Sign in.'),
  'tag.taken': (p) => ({ what: `Tag ${String(p.tag ?? '')} is taken.`, todo: 'Choose another tag.' }),
  'hook.taken': (p) => ({
    what: `Bike ${String(p.tag ?? '')} hangs on this hook.`,
    todo: 'Choose a free hook.',
  }),
  'sign-in-name.taken': say('This sign-in name is taken.', 'Choose another.'),
  'model.name-taken': (p) => ({
    what: `There is a model called ${String(p.name ?? '')} already.`,
    todo: 'Choose another name, or change that model.',
  }),
  'rack.not-empty': (p) => ({
    what: `${String(p.bikes ?? '')} bikes hang there.`,
    todo: 'Hang them elsewhere first.',
  }),
  'rack.hooks-taken': (p) => ({
    what: `${list(p.tags)} hang on the hooks that would go.`,
    todo: 'Hang them elsewhere first.',
  }),
  'rack.order-stale': say(
    'Somebody added or took down a rack meanwhile.',
    'The racks are shown as they are now: order them again.',
  ),
  'part.does-not-fit': say(
    'This bike’s build speaks against it.',
    'Choose another bike, or say why it goes on all the same.',
  ),
  'part.not-fitted': say('This part is not on that bike any more.', 'Look at the parts again.'),
  'group.ends-before-it-begins': say(
    'The group would be back before it is out.',
    'See the times marked below.',
  ),
  'checklist.critical-dropped': (p) => ({
    what: `This checklist leaves out critical checkpoints: ${list(p.checkpoints)}.`,
    todo: 'Give a reason. It is stored with the version and shown at every signature.',
  }),
  'import.rows-refused': say(
    'Some rows cannot come in.',
    'They are named below; none of this batch was kept.',
  ),
  'clock.not-behind': say('The clock is not behind the record.', 'Nothing has to be confirmed.'),
  'host.refused': say(
    'This address is not one Cadre is known by.',
    'Open the address it was set up with, or have CADRE_PUBLIC_URL set to this one.',
  ),
  'server.busy': say('The server is busy.', 'Cadre tries again in a moment.'),
  'author.unproven': say(
    'Nothing shows that this person entered it.',
    'They have to sign in on this device: then it is sent in their name.',
  ),
  'writer.bound-late': say('You signed in too long ago for this.', 'Sign in again.'),
  'check.already-signed': say('This check was signed already.', 'Begin a new one to look again.'),
  'check.abandoned': say('This check was left on an earlier day and closed.', 'Begin a new one.'),
  'check.mark-not-asked': say(
    'This checklist does not ask that of this bike.',
    'Its build may have changed: begin a new check.',
  ),
  'check.marks-missing': say(
    'Somebody else marked on this check meanwhile.',
    'Look over what they marked, then sign again.',
  ),
  'check.own-co-sign': say('You signed this check yourself.', 'Somebody else co-signs it.'),
  'check.not-amendable': say(
    'Only a signed check can be amended, and a recheck is done again instead.',
    'Begin a new check of this bike.',
  ),
  'round.bike-twice': (p) => ({ what: `In it twice: ${list(p.tags)}.`, todo: 'Take the second one out.' }),
  'photo.no-picture': say(
    'This file is no picture Cadre can read.',
    'Take a photo, or choose a JPEG, PNG or WebP.',
  ),
  'photo.too-wide': (p) => ({
    what: `This picture is ${String(p.width)} by ${String(p.height)} pixels; a side may have ${String(p.most)}, and all of it 64 million.`,
    todo: 'Choose a smaller one, or photograph it anew.',
  }),
  'photo.too-many': (p) => ({
    what: `There are ${String(p.most)} photos of this look already.`,
    todo: 'Say the rest in the note.',
  }),
  'timed-recheck.over': say(
    'Somebody has answered this look meanwhile.',
    'Reload the bike to see what was found.',
  ),
  'timed-recheck.gauge-again': say(
    'A soak is answered by a second gauge reading.',
    'Gauge it again and type that.',
  ),
  'round.closed': say('This round was closed meanwhile.', 'Make a new one for what is left.'),
  'round.undone-unsaid': (p) => ({
    what: `Not done, and not said why: ${list(p.tags)}.`,
    todo: 'Say why for each; it is kept with the round.',
  }),
  'round.deadline-past': say('The deadline is past already.', 'Set a later time.'),
  'check.not-awaiting-co-sign': say('This check waits for no co-signature.', 'Nothing to do.'),
  'hand-out.not-fit': (p) => ({
    what: `${String(p.tag ?? 'This bike')} is ${p.fitness === 'held' ? 'held' : 'due a ride-out check'}.`,
    todo: 'It does not go out. Its reasons say what ends that.',
  }),
  'hand-out.not-in': (p) => ({
    what: `${String(p.tag ?? 'This bike')} is not on its hook.`,
    todo: 'Take it back first.',
  }),
  'severity.not-higher': say('That is not worse than it is now.', 'Choose a worse one.'),
  'severity.not-lower': say('It has that severity already.', 'Choose another.'),
  'severity.under-stop-floor': say('This fault is a stop and stays one.', 'Repair it, recheck, release.'),
  'repair.finding-not-open': say('This finding is closed or gone.', 'Reload the bench.'),
  'finding.still-asked': (p) => ({
    what: `${typeof p.fault === 'string' ? p.fault : 'This finding'}: the part is still on this bike.`,
    todo: 'Repair it and look again. If the part was taken off, change the bike’s build first.',
  }),
  'merge.other-bike': say(
    'These findings are on two bikes.',
    'A merge is of one bike. Open a look across to follow one fault over several.',
  ),
  'merge.other-look': (p) => ({
    what: `Two different looks: ${list(p.checkpoints)}.`,
    todo: 'Leave them apart: one look after the repair would not see both.',
  }),
  'merge.same': say('That is the same finding.', 'Choose another one to merge with it.'),
  'stock.not-enough': (p) => ({
    what: `${String(p.name ?? '')}: ${String(p.onHand ?? '')} on hand, ${String(p.count ?? '')} wanted.`,
    todo: 'Count the shelf and put the count right under Parts, or use fewer. What you typed stays.',
  }),
  'stock.below-nothing': (p) => ({
    what: `${String(p.name ?? '')}: there are ${String(p.onHand ?? '')}; that would be fewer than none.`,
    todo: 'Say how many lie on the shelf now.',
  }),
  'repair.over-torque': (p) => ({
    what: `${String(p.value ?? '')} N m is over the most stated for this joint, ${String(p.most ?? '')} N m.`,
    todo: 'Loosen it, look at the part for damage, tighten it anew within the figure.',
  }),
  'hang-tag.hangs-already': (p) => ({
    what: `Hang-tag ${String(p.hangTag ?? '')} is on it already.`,
    todo: 'One is enough: it comes back at the release.',
  }),
  'assessment.decided': say('This assessment was decided already.', 'Look at the bike itself.'),
  'assessment.not-priced': (p) => ({
    what: `Not priced yet: ${list(p.faults)}.`,
    todo: 'Price every finding, nothing where it costs nothing.',
  }),
  'repair.finding-in-work': (p) => ({
    what: `“${String(p.fault ?? '')}” is in work already.`,
    todo: 'Finish that repair.',
  }),
  'repair.already-done': say('This repair is done already.', 'Go on to the recheck.'),
  'repair.not-done-yet': say('This repair is not done yet.', 'Say what was done first.'),
  'repair.nothing-to-recheck': say('There is nothing to look at again.', 'Say what the work touched.'),
  'recheck.second-person': (p) => ({
    what: `You repaired this yourself: ${list(p.faults)}.`,
    todo: 'Policy wants somebody else to look again here. Change person.',
  }),
  'release.not-held': say('Nothing holds this bike.', 'No release is needed.'),
  'release.hang-tag-out': (p) => ({
    what: `Hang-tag ${String(p.hangTag ?? '')} still hangs on it.`,
    todo: 'Take it off the bike, tick that you have it, then release.',
  }),
  'release.not-ready': (p) => ({
    what: `Not ready for release: ${list(p.blocks)}.`,
    todo: 'Repair, recheck and put everything together first.',
  }),
  'not-reassembled.already-closed': say('This was put together already.', 'Nothing to do.'),
  unexpected: say(
    'Something went wrong on the server.',
    'Try again. If it stays, tell whoever runs Cadre the number below.',
  ),
};

export function wordsFor(problem: Problem): Said {
  const said = WORDS[problem.code](problem.params ?? {});
  return problem.requestId ? { ...said, todo: `${said.todo} (${problem.requestId})` } : said;
}

/** What is wrong with one field, by the code of the issue. */
export function fieldWords(code: string, params: ErrorParams = {}): string {
  switch (code) {
    case 'too_small':
      return Number(params.minimum) <= 1 ? 'Fill this in.' : `At least ${String(params.minimum)}.`;
    case 'too_big':
      return `At most ${String(params.maximum)}.`;
    case 'taken':
      return params.tag ? `Taken by ${String(params.tag)}.` : 'Taken.';
    case 'of-held-bike':
      return `${String(params.tag)} has or had this, and is held or gone with open findings. Release that bike first, or correct its entry.`;
    case 'not-a-number':
      return 'Not readable as a number with its unit.';
    case 'out-of-range':
      return `From ${String(params.least)} to ${String(params.most)} ${String(params.unit ?? '')}.`;
    case 'over-its-most':
      return `More than its most, ${String(params.most)}.`;
    case 'not-after-out':
      return 'Later than it goes out.';
    case 'unknown-time-zone':
      return 'No time zone of that name. Try Europe/London.';
    case 'not-at-this-site':
      return 'This hook is at another site.';
    case 'invalid_format':
      return 'Letters, digits and dashes, in the form shown.';
    case 'stated':
      return `Stated already: ${String(params.value)}. The bike’s form changes it.`;
    case 'speaks-against':
      return 'Speaks against what is stated already: read both again.';
    case 'broken-text':
      return 'This text contains a broken character. Type it again.';
    case 'too-deep':
      return 'Nested too deeply.';
    case 'required':
      return 'Fill this in.';
    default:
      return 'Not as wanted here.';
  }
}
