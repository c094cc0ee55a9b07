import { computed, provide, reactive, ref, type InjectionKey, type ComputedRef, type Ref } from 'vue';
import { build as buildSchema } from '@cadre/contract/fleet/schemas';
import {
  BUILD_FIELDS,
  buildText,
  USUAL_BUILD,
  type Accessory,
  type BikeKind,
  type Build,
} from '@cadre/core/fleet';
import * as t from './messages';

export interface BuildForm {
  /** As typed and chosen: sprockets may be no number yet. */
  readonly fields: Record<string, string>;
  readonly accessories: Ref<Accessory[]>;
  readonly entered: ComputedRef<unknown>;
  /** The build, when what is entered makes one. */
  readonly drawn: ComputedRef<Build | null>;
  take(from: Build): void;
  kindChosen(): void;
}

export const BUILD_FORM: InjectionKey<BuildForm> = Symbol(t.buildForm);

/** A build as a form holds it, provided to its fields; the figure is drawn from it while it is filled in. */
export function useBuildForm(): BuildForm {
  const fields = reactive<Record<string, string>>({});
  const accessories = ref<Accessory[]>([]);

  function take(from: Build): void {
    for (const field of BUILD_FIELDS) if (field !== 'accessories') fields[field] = buildText(from, field);
    accessories.value = [...from.accessories];
  }
  take(USUAL_BUILD.hybrid);

  const entered = computed((): unknown => ({
    ...fields,
    sprockets: Number(fields.sprockets),
    accessories: accessories.value,
  }));
  const drawn = computed((): Build | null => {
    const parsed = buildSchema.safeParse(entered.value);
    return parsed.success ? parsed.data : null;
  });
  /** A kind brings its usual build; what was fitted otherwise is changed below. */
  function kindChosen(): void {
    take(USUAL_BUILD[fields.kind as BikeKind]);
  }
  const form = { fields, accessories, entered, drawn, take, kindChosen };
  provide(BUILD_FORM, form);
  return form;
}
