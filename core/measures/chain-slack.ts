import { fieldIssues, measured, reaches, sinksTo, unmeasured, type Measured } from './measured';
import { limitOf, type LimitChoices } from './limits';
import { pass, type Verdict } from './verdict';

/**
 * Up-and-down of a chain without derailleur at the tightest place of its turn, mm in all, 0 to 80. Between 8 and 15 it runs free and stays on;
 * at 8 and tighter it wears and binds, from 15 it may come off, and from 20 it does. Where the chain works the only brake (`onlyBrake`), a chain that may come off is
 * a brake that may be gone: a stop from 15. Limits: policy, else default.
 */
export function slackVerdict(slack: number, choices: LimitChoices, onlyBrake = false): Measured<Verdict> {
  const wrong = fieldIssues({ path: 'slack', value: slack, least: 0, most: 80, unit: 'mm' });
  if (wrong.length > 0) return unmeasured(...wrong);
  const tight = limitOf(choices, 'slackTight');
  const loose = limitOf(choices, 'slackLoose');
  const off = onlyBrake ? loose : limitOf(choices, 'slackOff');
  const value = slack;
  if (reaches(value, off.value))
    return measured({ outcome: 'fail', becomes: 'stop', value, limit: off, next: 'stop-chain' });
  if (reaches(value, loose.value))
    return measured({ outcome: 'fail', becomes: 'soon', value, limit: loose, next: 'tighten-chain' });
  if (sinksTo(value, tight.value))
    return measured({ outcome: 'fail', becomes: 'soon', value, limit: tight, next: 'loosen-chain' });
  return measured(pass(value, loose));
}
