import { fieldIssues, measured, sinksTo, unmeasured, type Measured } from './measured';
import { limitOf, type LimitChoices } from './limits';
import { pass, unknown, type Verdict } from './verdict';

/**
 * How thick a rim's brake wall still is, mm, where its maker gives the least it may be. On the least it is worn out. Source: a worn rim can
 * burst under braking; only its maker knows how thin it may be, so without a marking nothing is judged.
 */
export function rimWallVerdict(
  wall: number,
  least: number | undefined,
  choices: LimitChoices,
): Measured<Verdict> {
  const wrong = fieldIssues({ path: 'wall', value: wall, least: 0, most: 6, unit: 'mm' });
  if (wrong.length > 0) return unmeasured(...wrong);
  if (least === undefined) return measured(unknown(wall, 'read-rim-marking'));
  const limit = { value: least, source: 'marking' as const };
  if (sinksTo(wall, least))
    return measured({ outcome: 'fail', becomes: 'stop', value: wall, limit, next: 'stop-rim' });
  const near = least + limitOf(choices, 'rimWallNear').value;
  return measured(
    sinksTo(wall, near)
      ? { outcome: 'renew', becomes: 'upkeep', value: wall, limit, next: 'plan-rim' }
      : pass(wall, limit),
  );
}
