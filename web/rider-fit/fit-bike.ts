import type { Bike } from '@cadre/contract/fleet';
import { inheritFit, type FitList } from '@cadre/core/fleet';
import { sagBand, windowOn, type LimitChoices, type SagBand } from '@cadre/core/measures';
import type { FitBike, FitSuspension, LastSag } from '@cadre/core/rider-fit';

/** What a bike states that a rider's fit goes by: its model's list, its own over it, and what its parts are marked with over both. */
export function fitBike(
  bike: Bike,
  modelFit: FitList,
  limits: LimitChoices,
  lastForkSag: LastSag | null = null,
): FitBike {
  const fit = inheritFit(inheritFit(modelFit, bike.fit), bike.marked);
  const figure = (key: string): number | null => (typeof fit[key] === 'number' ? Number(fit[key]) : null);
  const text = (key: string): string | null => (typeof fit[key] === 'string' ? String(fit[key]) : null);
  const { build } = bike;
  const tyre = (end: 'front' | 'rear'): FitBike['tyres']['front'] => ({
    widthMm: figure(end === 'front' ? 'tyreWidthFront' : 'tyreWidthRear'),
    window: windowOn({ fit, end, limits, build }),
    tubeless: (end === 'front' ? build.tyreFront : build.tyreRear) === 'tubeless',
  });
  const target = (band: SagBand): number => {
    const { least, most } = sagBand(band, limits);
    return (least.value + most.value) / 2;
  };
  const park = text('suspensionUse') === 'park';
  const suspension = (part: 'fork' | 'shock', band: SagBand): FitSuspension => ({
    ...{ table: text(`${part}Pressures`), markedMax: figure(`${part}PressureMax`) },
    last: part === 'fork' ? lastForkSag : null,
    targetSag: target(band),
  });
  return {
    kind: build.kind,
    heightMinMm: figure('riderHeightMin'),
    heightMaxMm: figure('riderHeightMax'),
    maximumLoadKg: figure('maximumLoad'),
    maximumTotalKg: figure('maximumTotal'),
    bikeKg: figure('bikeMass'),
    tyres: { front: tyre('front'), rear: tyre('rear') },
    fork:
      build.fork === 'suspension'
        ? suspension('fork', build.kind === 'hybrid' ? 'hybrid-fork' : park ? 'park-fork' : 'trail-fork')
        : null,
    shock: build.rearSuspension === 'shock' ? suspension('shock', park ? 'park-shock' : 'trail-shock') : null,
    saddle: {
      lowest: figure('saddleLowest'),
      highest: figure('saddleHighest'),
      atMarkZero: figure('saddleMarkZero'),
    },
  };
}
