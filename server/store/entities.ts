import { policyEntity, sheetDraftEntity, sheetEntity } from '@cadre/server/catalogue/entities';
import { checkEntity, markEntity } from '@cadre/server/checks/entities';
import { findingEntity, holdEntity } from '@cadre/server/findings/entities';
import {
  bikeEntity,
  bikeStateEntity,
  hookEntity,
  modelEntity,
  rackEntity,
  siteEntity,
  tagCodeEntity,
} from '@cadre/server/fleet/entities';
import { fitmentEntity, partEntity, stockItemEntity } from '@cadre/server/parts/entities';
import { mishapEntity } from '@cadre/server/mishaps/entities';
import { photoEntity } from '@cadre/server/photos/entities';
import {
  credentialEntity,
  personEntity,
  programEntity,
  sessionEntity,
  throttleEntity,
} from '@cadre/server/people/entities';
import { chainHeadEntity, entryEntity } from '@cadre/server/records/entities';
import { intakeEntity } from '@cadre/server/intake/entities';
import { leftApartEntity, repairEntity } from '@cadre/server/repairs/entities';
import { roundEntity, standingRoundEntity } from '@cadre/server/rounds/entities';
import { outingGroupEntity } from '@cadre/server/schedule/entities';
import { waitEntity } from '@cadre/server/waits/entities';
import { bikeReadingEntity, outingEntity } from '@cadre/server/wear/entities';

/** Rebuilt from the record: emptied children first. */
export const PROJECTIONS = [
  intakeEntity,
  stockItemEntity,
  mishapEntity,
  bikeReadingEntity,
  outingEntity,
  waitEntity,
  fitmentEntity,
  partEntity,
  outingGroupEntity,
  roundEntity,
  standingRoundEntity,
  leftApartEntity,
  repairEntity,
  holdEntity,
  findingEntity,
  checkEntity,
  bikeStateEntity,
  bikeEntity,
  modelEntity,
  hookEntity,
  rackEntity,
  siteEntity,
  sheetEntity,
  sheetDraftEntity,
  policyEntity,
  personEntity,
  programEntity,
] as const;

/** Tables the application's own user may only read and add to. */
export const APPEND_ONLY: readonly string[] = ['entry', 'mark', 'photo'];

export const ENTITIES = [
  ...PROJECTIONS,
  entryEntity,
  chainHeadEntity,
  markEntity,
  photoEntity,
  credentialEntity,
  sessionEntity,
  throttleEntity,
  tagCodeEntity,
];
