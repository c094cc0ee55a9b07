import { computed, ref, watch, type ComputedRef } from 'vue';
import { asBuilt, questionsOf, type Question } from '@cadre/core/catalogue';
import type { Zone } from '@cadre/core/catalogue';
import type { Bike } from '@cadre/contract/fleet';
import { useCatalogue } from '@cadre/web/catalogue';

/** Checklists that between them ask all that riders meet. */
const ASKED = ['return', 'season-opening', 'after-crash'];

/** The questions of a bike a report can be made a finding of, those of its place first. */
export function useQuestions(bike: () => Bike, zone: () => Zone | null): ComputedRef<readonly Question[]> {
  const catalogue = useCatalogue();
  const all = ref<readonly Question[]>([]);
  watch(
    () => bike().id,
    async () => {
      const { build } = bike();
      const found = [
        await catalogue.checklistFor(build.kind),
        ...(await Promise.all(ASKED.map((key) => catalogue.checklistByKey(key)))),
      ];
      const byKey = new Map<string, Question>();
      for (const named of found)
        if (named)
          for (const question of questionsOf(named.checklist, asBuilt(build)))
            if (!byKey.has(question.key)) byKey.set(question.key, question);
      all.value = [...byKey.values()];
    },
    { immediate: true },
  );
  return computed(() => {
    const here = (question: Question): number => (zone() === null || question.zone === zone() ? 0 : 1);
    return all.value.toSorted((a, b) => here(a) - here(b));
  });
}
