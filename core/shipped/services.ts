import type { Practices, ServiceRule, Settling } from '@cadre/core/catalogue';
import { always, fitted, not } from './author';

type Usual = 'applies' | 'weathered' | 'overdue';
type Said = Omit<ServiceRule, Usual | 'settledBy'> &
  Partial<Pick<ServiceRule, Usual>> & { readonly settledBy: Partial<Settling> };

const NOTHING: Settling = { checkpoints: [], works: [], parts: [], services: [] };

/** A service with what is usual left out: on every bike that its checkpoints are asked of, the climate no matter, planned work. */
function service({ settledBy, ...said }: Said): ServiceRule {
  return {
    applies: always,
    weathered: null,
    overdue: 'maintenance',
    ...said,
    settledBy: { ...NOTHING, ...settledBy },
  };
}

const WET = ['wet', 'salt'] as const;

/** When the chain is lubed: each practice is another interval. */
const LUBE: Record<Practices['chainLube'], Pick<ServiceRule, 'every' | 'climates'>> = {
  'by-distance': { every: { km: 300 } },
  'every-outing': { every: { outings: 1 } },
  'after-wet': { every: { outings: 1 }, climates: WET },
};
const POST_DAYS: Record<Practices['postFreed'], number> = { quarter: 90, spring: 365 };
const TUNE_DAYS: Record<Practices['fullTune'], { readonly usual: number; readonly assist: number }> = {
  yearly: { usual: 365, assist: 180 },
  season: { usual: 182, assist: 182 },
};

/**
 * The services Cadre ships, with the intervals the program's practices choose. Each is settled by the checkpoint
 * that asks for the very work, so that nothing a check has passed is asked for again.
 */
export function shippedServices(practices: Practices): readonly ServiceRule[] {
  const tune = TUNE_DAYS[practices.fullTune];
  const assisted = not(fitted('assist', 'none'));
  return [
    service({
      key: 'chain-lube',
      name: 'Lube the chain',
      ...LUBE[practices.chainLube],
      weathered: 'chain',
      settledBy: { checkpoints: ['chain-lube'], parts: ['chain'] },
    }),
    service({
      key: 'chain-wear',
      name: 'Measure the chain',
      every: { days: 60, km: 500 },
      weathered: 'chain',
      settledBy: { checkpoints: ['chain-wear', 'chain-twelve'], parts: ['chain'] },
    }),
    service({
      key: 'pads-rotors',
      name: 'Pads and rotors',
      every: { days: 30 },
      weathered: 'pads',
      overdue: 'fix-by',
      settledBy: { checkpoints: ['rim-pads', 'disc-pads', 'rotor'] },
    }),
    service({
      key: 'sealant',
      name: 'Sealant',
      every: { days: practices.sealantEvery === 'half-year' ? 182 : 90 },
      overdue: 'fix-by',
      settledBy: { checkpoints: ['sealant'] },
    }),
    service({
      key: 'rim-clean',
      name: 'Clean the rims',
      every: { days: 14 },
      climates: WET,
      weathered: 'rims',
      settledBy: { checkpoints: ['rim-track'] },
    }),
    service({
      key: 'salt-rinse',
      name: 'Rinse off the salt with fresh water',
      every: { outings: 1 },
      climates: ['salt'],
      settledBy: { checkpoints: ['washed'] },
    }),
    service({
      key: 'seatpost',
      name: 'Free and grease the seatpost',
      every: { days: POST_DAYS[practices.postFreed] },
      weathered: 'posts',
      settledBy: { checkpoints: ['post-freed'] },
    }),
    service({
      key: 'sag',
      name: 'Set the sag',
      every: { days: 30 },
      settledBy: { checkpoints: ['fork-sag', 'shock-sag'] },
    }),
    ...(practices.forkLowers === 'half-year'
      ? [
          service({
            key: 'fork-lowers',
            name: 'Fork lowers',
            every: { days: 180, hours: 50 },
            weathered: 'suspension',
            settledBy: { checkpoints: ['fork-service'] },
          }),
        ]
      : []),
    service({
      key: 'brake-fluid',
      name: 'Brake fluid',
      every: { days: 365 },
      settledBy: { checkpoints: ['brake-fluid'] },
    }),
    service({
      key: 'cables',
      name: 'Cables',
      every: { days: 365 },
      weathered: 'cables',
      settledBy: {
        checkpoints: ['brake-cable-inside', 'gear-cable'],
        services: ['full-tune', 'full-tune-assist'],
      },
    }),
    service({
      key: 'assist',
      name: 'Motor, battery contacts and wiring',
      every: { days: 180 },
      weathered: 'electrics',
      settledBy: { checkpoints: ['battery-contacts', 'assist-wiring', 'motor-mount'] },
    }),
    service({
      key: 'full-tune',
      name: 'Full tune',
      applies: not(assisted),
      every: { days: tune.usual },
      settledBy: {},
    }),
    service({
      key: 'full-tune-assist',
      name: 'Full tune, assist bike',
      applies: assisted,
      every: { days: tune.assist },
      settledBy: {},
    }),
  ];
}
