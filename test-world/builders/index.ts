import { v7 as newId } from 'uuid';
import type { NewMark } from '@cadre/contract/checks';
import type { Bike, BikeFields } from '@cadre/contract/fleet';
import { asBuilt, questionsOf, type Question, type ChecklistVersion } from '@cadre/core/catalogue';
import { USUAL_BUILD, type BikeKind, type Build } from '@cadre/core/fleet';

/** The fields of a bike of a kind, as somebody would fill in the form. */
export function bikeFieldsOf(
  kind: BikeKind,
  fields: Partial<BikeFields> & { siteId: string; tag: string },
): BikeFields {
  const build = fields.build ?? USUAL_BUILD[kind];
  return {
    modelId: null,
    model: `${kind} one`,
    size: 'M',
    serial: '',
    boughtOn: '',
    warrantyUntil: '',
    hookId: null,
    fit: {},
    ...fields,
    build: { ...build, accessories: [...build.accessories] },
  };
}

/** A bike's fields as its form holds them before anything is changed. */
export function fieldsOf(bike: Bike): BikeFields & { readonly id: string } {
  const { tag, modelId, model, size, serial, boughtOn, warrantyUntil, siteId, hookId, build, fit } = bike;
  return {
    id: newId(),
    tag,
    modelId,
    model,
    size,
    serial,
    boughtOn,
    warrantyUntil,
    siteId,
    hookId,
    build,
    fit,
  };
}

let counted = 0;
/** One mark; a pass unless said otherwise. Each is given after the one made before. */
export function markFor(
  question: Pick<Question, 'checkpoint' | 'position'>,
  author: string,
  at: number,
  more: Partial<NewMark> = {},
): NewMark {
  return {
    id: newId(),
    checkpoint: question.checkpoint.key,
    position: question.position,
    outcome: 'pass',
    way: 'station',
    faults: [],
    note: '',
    author,
    writerId: author,
    counter: (counted += 1),
    at,
    ...more,
  };
}

export interface Exception {
  readonly checkpoint: string;
  readonly position?: string;
  readonly more: Partial<NewMark>;
}

/** All that a checklist asks of a build, passed a second apart, but for the exceptions. */
export function marksFor(
  checklist: ChecklistVersion,
  build: Build,
  author: string,
  from: number,
  exceptions: readonly Exception[] = [],
  spacingMs = 4000,
): NewMark[] {
  return questionsOf(checklist, asBuilt(build)).map((question, index) => {
    const exception = exceptions.find(
      (each) =>
        each.checkpoint === question.checkpoint.key &&
        (!each.position || each.position === question.position),
    );
    return markFor(question, author, from + index * spacingMs, exception?.more);
  });
}

export const faulty = (fault: string, more: Partial<NewMark> = {}): Partial<NewMark> => ({
  outcome: 'fail',
  way: 'single',
  faults: [{ fault }],
  ...more,
});
export { oggSound, webmSound } from './sound';
