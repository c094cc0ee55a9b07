import { brakesAt, type Build, type FitmentPosition } from '@cadre/core/fleet';

/** What has to be set again on a bike that got another wheel, as codes; the words are the screen's and the record's. */
export const SET_AGAIN = [
  'axle',
  'pressure',
  'caliper',
  'rim-pads',
  'brake-arm',
  'gears',
  'chain-slack',
  'belt',
  'sealant-date',
  'assist-plug',
] as const;
export type SetAgain = (typeof SET_AGAIN)[number];

/** What a wheel asks of the bike it lands on, at that end: its axle and air always, its brake and drive as that bike is built. */
export function setAgainAfterWheel(build: Build, end: Exclude<FitmentPosition, 'only'>): readonly SetAgain[] {
  const atRear = end === 'rear';
  const brakes = brakesAt(build, end);
  const asked: Record<SetAgain, boolean> = {
    axle: true,
    pressure: true,
    caliper: brakes.some((brake) => brake === 'hydraulic-disc' || brake === 'cable-disc'),
    'rim-pads': brakes.includes('rim'),
    'brake-arm': brakes.some((brake) => brake === 'drum' || brake === 'coaster'),
    gears: atRear && build.gears !== 'single-speed',
    'chain-slack': atRear && build.gears !== 'derailleur' && build.transmission === 'chain',
    belt: atRear && build.transmission === 'belt',
    'sealant-date': build[atRear ? 'tyreRear' : 'tyreFront'] === 'tubeless',
    'assist-plug': atRear && build.assist === 'hub-motor',
  };
  return SET_AGAIN.filter((each) => asked[each]);
}
