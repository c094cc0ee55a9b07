import { BIKE_KINDS, USUAL_BUILD, type Build } from '@cadre/core/fleet';
import { BUILT_OTHERWISE } from '@cadre/core/shipped';

/** Bikes that between them meet every rule both ways: each kind as usually built, and what is built otherwise. */
export const TRIAL_BIKES: Readonly<Record<string, Build>> = {
  ...Object.fromEntries(BIKE_KINDS.map((kind) => [kind, USUAL_BUILD[kind]])),
  ...BUILT_OTHERWISE,
};
