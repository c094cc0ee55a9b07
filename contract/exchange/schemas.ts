import { FLEET_SCHEMA } from '@cadre/core/exchange';
import { bikeFields, build, fitList } from '@cadre/contract/fleet/schemas';
import { clockTime, day, id, note, messages, text, version } from '@cadre/contract/http/schemas';
import { BATCH } from './batch';
import * as z from 'zod/mini';

/** A fleet as a file: everything by its name, nothing by an id. Its JSON Schema is published with the interface. */
export const fleetDocument = z.object({
  schema: z.literal(FLEET_SCHEMA),
  sites: z
    .array(z.object({ name: text(80), timeZone: text(60), opensAt: clockTime }))
    .check(z.maxLength(200)),
  racks: z
    .array(z.object({ site: text(80), name: text(40), hooks: z.int().check(z.gte(1), z.lte(200)) }))
    .check(z.maxLength(2000)),
  models: z.array(z.object({ name: text(80), build, fit: fitList })).check(z.maxLength(2000)),
  bikes: z
    .array(
      z.object({
        tag: bikeFields.shape.tag,
        model: text(80),
        size: note(20),
        serial: note(60),
        boughtOn: day,
        warrantyUntil: day,
        site: text(80),
        rack: note(40),
        hook: z.nullable(z.int().check(z.gte(1), z.lte(200))),
        build,
        fit: fitList,
      }),
    )
    .check(z.maxLength(20_000)),
});

export const getFleetDocument = messages({ answer: fleetDocument });

export const importBikes = messages({
  body: z.object({
    id,
    siteId: id,
    bikes: z
      .array(z.extend(bikeFields, { id, version: z.nullable(version) }))
      .check(z.minLength(1), z.maxLength(BATCH)),
  }),
  answer: z.object({ added: z.int(), changed: z.int() }),
});
