import { fieldIssues, measured, reaches, sinksTo, unmeasured, type Measured } from './measured';
import { limitOf, type LimitChoices } from './limits';
import { fixOnSpot, pass, type Verdict } from './verdict';

/** What a battery's charge (0 to 1) means for the store: inside the window, ends included, it keeps; outside it is set, and left so it is upkeep. In use any charge will do that brings it home. Limits: policy, else default. */
export function chargeVerdict(charge: number, inStore: boolean, choices: LimitChoices): Measured<Verdict> {
  const wrong = fieldIssues({ path: 'charge', value: charge, least: 0, most: 1, unit: 'ratio' });
  if (wrong.length > 0) return unmeasured(...wrong);
  const least = limitOf(choices, 'chargeLeast');
  const most = limitOf(choices, 'chargeMost');
  const value = charge;
  if (!inStore)
    return measured({ outcome: 'unknown', becomes: 'nothing', value, limit: null, next: 'person-says' });
  if (!reaches(value, least.value)) return measured(fixOnSpot(value, least, 'set-charge', 'upkeep'));
  if (!sinksTo(value, most.value)) return measured(fixOnSpot(value, most, 'set-charge', 'upkeep'));
  return measured(pass(value, most));
}

/** What is left of a battery: measured energy over rated, both Wh. Under seven tenths a new one is planned. */
export function healthVerdict(measuredWh: number, ratedWh: number, choices: LimitChoices): Measured<Verdict> {
  const wrong = fieldIssues(
    { path: 'rated', value: ratedWh, least: 50, most: 3000, unit: 'Wh' },
    { path: 'measured', value: measuredWh, least: 0, most: 3600, unit: 'Wh' },
  );
  if (wrong.length > 0) return unmeasured(...wrong);
  const value = measuredWh / ratedWh;
  const limit = limitOf(choices, 'batteryHealth');
  return measured(
    sinksTo(value, limit.value)
      ? { outcome: 'renew', becomes: 'upkeep', value, limit, next: 'plan-battery' }
      : pass(value, limit),
  );
}
