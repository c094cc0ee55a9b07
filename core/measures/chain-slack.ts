import { fieldIssues, measured, reaches, sinksTo, unmeasured, type Measured } from './measured';
import { limitOf, type LimitChoices } from './limits';
import { sound, type Verdict } from './verdict';

/**
 * Up-and-down of a chain without derailleur at the tightest place of its turn, mm in all. Source: from 8 to 15, ends included, it runs free and stays on;
 * tighter it wears and binds, looser it may come off, and past 20 it does.
 */
export function slackVerdict(slack: number, choices: LimitChoices): Measured<Verdict> {
  const wrong = fieldIssues({ path: 'slack', value: slack, least: 0, most: 80, unit: 'mm' });
  if (wrong.length > 0) return unmeasured(...wrong);
  const tight = limitOf(choices, 'slackTight');
  const loose = limitOf(choices, 'slackLoose');
  const off = limitOf(choices, 'slackOff');
  const value = slack;
  if (!sinksTo(value, off.value)) return measured({ word: 'fault', becomes: 'stop', value, limit: off, next: 'stop-chain' });
  if (!sinksTo(value, loose.value)) return measured({ word: 'fault', becomes: 'soon', value, limit: loose, next: 'tighten-chain' });
  if (!reaches(value, tight.value)) return measured({ word: 'fault', becomes: 'soon', value, limit: tight, next: 'loosen-chain' });
  return measured(sound(value, loose));
}
