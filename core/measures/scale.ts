import { brakesAt } from '@cadre/core/fleet';
import { GAUGE_BANDS } from './chain';
import {
  bandOn,
  chainLimitsOn,
  judgeReading,
  onlyBrakeIsCoaster,
  windowOn,
  type MeasuredOn,
  type Taken,
} from './judge-reading';
import { limitOf, type LimitKey, type Sourced } from './limits';
import { sagBand } from './suspension';

/** Where a reading passes, and the limits beyond: what its scale shows. Null ends are open. */
export interface Scale {
  readonly soundFrom: number | null;
  readonly soundTo: number | null;
  /** Every limit on it, the nearest to a pass first. */
  readonly limits: readonly Sourced[];
}

/**
 * The scale of a reading on this bike, in the measure's unit; null where no limit is known. It is drawn from the same limits
 * that judge: a test walks over it and asks the judge at every point.
 */
export function scaleOf(taken: Pick<Taken, 'measure' | 'method'>, on: MeasuredOn): Scale | null {
  const by = (key: LimitKey): Sourced => limitOf(on.limits, key);
  const under = (...limits: readonly Sourced[]): Scale => ({
    soundFrom: null,
    soundTo: limits[0]?.value ?? null,
    limits,
  });
  const over = (...limits: readonly Sourced[]): Scale => ({
    soundFrom: limits[0]?.value ?? null,
    soundTo: null,
    limits,
  });
  const between = (from: Sourced, to: Sourced, ...more: readonly Sourced[]): Scale => ({
    soundFrom: from.value,
    soundTo: to.value,
    limits: [from, to, ...more],
  });
  const end = on.end === 'rear' ? 'Rear' : 'Front';
  const marked = (key: string): Sourced | null => {
    const value = on.fit[key];
    return typeof value === 'number' ? { value, source: 'marking' } : null;
  };
  switch (taken.measure) {
    case 'chain': {
      const { chain, sprockets } = chainLimitsOn(on);
      // The same either way: the tiny step below the limit is no edge of a gauge.
      const bandBelow = [...GAUGE_BANDS].reverse().find((edge) => edge < chain.value - 1e-9) ?? 0;
      return {
        ...under(chain, sprockets),
        soundTo: taken.method === 'gauge' ? bandBelow : chain.value - by('chainNear').value,
      };
    }
    case 'disc-pad': {
      const total = marked(`padTotalMin${end}`);
      const allowance = by('padAllowance').value;
      const add = (limit: Sourced, more: number): Sourced => ({
        value: limit.value + more,
        source: more === 0 ? limit.source : limit.source === 'marking' ? 'marking' : 'policy',
      });
      if (taken.method === 'total' && total) return over(add(total, 0.5 + allowance), add(total, allowance));
      // A compound is judged by the maker's total as well: the limit it meets first is the one on the scale.
      const compound = [add(by('padRenew'), allowance), add(by('padFault'), allowance)] as const;
      const plate = marked(`padPlate${end}`)?.value ?? by('padPlate').value;
      const ofTotal =
        total && taken.method !== 'total'
          ? ([add(total, 0.5 + allowance - plate), add(total, allowance - plate)] as const)
          : null;
      // The same either way: equal ones stand at one place of the scale.
      const higher = (a: Sourced, b: Sourced | undefined): Sourced => (b && b.value > a.value ? b : a);
      return over(higher(compound[0], ofTotal?.[0]), higher(compound[1], ofTotal?.[1]));
    }
    case 'rim-pad':
      // With its line gone no compound is enough.
      if (taken.method === 'line-gone') return null;
      return over(by('rimPadHolder'));
    case 'rotor': {
      const probe = judgeReading({ measure: 'rotor', values: [4, 4, 4] }, on);
      const least = probe.ok ? probe.value[0]?.limit : null;
      return least
        ? { soundFrom: least.value + by('rotorNear').value, soundTo: null, limits: [least] }
        : null;
    }
    case 'rim-wall': {
      const least = marked(`rimWallMin${end}`);
      return least
        ? { soundFrom: least.value + by('rimWallNear').value, soundTo: null, limits: [least] }
        : null;
    }
    case 'sealant': {
      const dose = marked(`sealant${end}`);
      if (!dose || taken.method === 'poured') return null;
      const share = (key: 'sealantDry' | 'sealantLow'): Sourced => ({
        value: by(key).value * dose.value,
        source: by(key).source,
      });
      return over(share('sealantLow'), share('sealantDry'));
    }
    case 'rim-track':
      // With its mark gone no hollow is shallow enough.
      if (taken.method === 'mark-gone') return null;
      return under(by('rimTrackWatch'), by('rimTrackFault'));
    case 'run-out': {
      const rim = brakesAt(on.build, on.end === 'rear' ? 'rear' : 'front').includes('rim');
      if (on.newWheel) return under(by('runOutNew'), by(rim ? 'runOutRimStop' : 'runOutDiscStop'));
      return rim
        ? under(by('runOutRim'), by('runOutRimStop'))
        : under(by('runOutDisc'), by('runOutDiscStop'));
    }
    case 'tyre-window': {
      const { floor, ceiling, floorSource } = windowOn(on);
      const limits: Sourced[] = [
        ...(floor === null ? [] : [{ value: floor, source: floorSource ?? ('marking' as const) }]),
        ...(ceiling === null ? [] : [{ value: ceiling, source: 'marking' as const }]),
      ];
      return limits.length > 0 ? { soundFrom: floor, soundTo: ceiling, limits } : null;
    }
    case 'pressure': {
      const most = marked(on.rearSuspension ? 'shockPressureMax' : 'forkPressureMax');
      return most ? under(most) : null;
    }
    case 'sag': {
      const { least, most } = sagBand(bandOn(on), on.limits);
      return between(least, most);
    }
    case 'lever-travel':
      return between(by('leverDrag'), by('leverLong'), by('leverStop'));
    case 'hanger':
      return under(by(on.build.sprockets >= 11 ? 'hangerMany' : 'hangerFew'));
    case 'chain-slack':
      return onlyBrakeIsCoaster(on.build)
        ? between(by('slackTight'), by('slackLoose'))
        : between(by('slackTight'), by('slackLoose'), by('slackOff'));
    case 'battery':
      if (taken.method === 'health') return over(by('batteryHealth'));
      return on.inStore ? between(by('chargeLeast'), by('chargeMost')) : null;
    default:
      return null;
  }
}
