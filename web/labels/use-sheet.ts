import { useLocalStorage } from '@vueuse/core';
import { computed, type ComputedRef } from 'vue';
import {
  labelsPerPage,
  placeLabels,
  sheetIssues,
  USUAL_SHEET,
  type LabelSheet,
  type PlacedLabel,
} from '@cadre/core/labels';
import { readNumber } from '@cadre/core/measures';
import * as t from './messages';

export const SHEET_FIELDS = Object.keys(USUAL_SHEET) as (keyof LabelSheet)[];

/** The sheet as it is typed, kept on this device: a shed buys the same labels again. */
export function useSheet(count: ComputedRef<number>) {
  const typed = useLocalStorage<Record<string, string>>('cadre.label-sheet', {
    ...Object.fromEntries(SHEET_FIELDS.map((field) => [field, String(USUAL_SHEET[field])])),
    startAt: '1',
  });
  const sheet = computed(
    () =>
      Object.fromEntries(
        SHEET_FIELDS.map((field) => [field, readNumber(typed.value[field] ?? '') ?? Number.NaN]),
      ) as unknown as LabelSheet,
  );
  const issues = computed(
    () =>
      new Map(
        sheetIssues(sheet.value).map(({ path, code, params }) => [
          path,
          code === 'no-room'
            ? t.noRoom
            : t.outOfRange({ least: Number(params?.['least']), most: Number(params?.['most']) }),
        ]),
      ),
  );
  const size = computed(() => labelsPerPage(sheet.value));
  const perPage = computed(() => (issues.value.size > 0 ? 0 : size.value.across * size.value.down));
  const start = computed(() => readNumber(typed.value['startAt'] ?? '') ?? 0);
  const startWrong = computed(
    () =>
      perPage.value > 0 && (!Number.isInteger(start.value) || start.value < 1 || start.value > perPage.value),
  );
  const isRight = computed(() => issues.value.size === 0 && !startWrong.value);
  const places = computed((): readonly PlacedLabel[] =>
    isRight.value ? placeLabels(sheet.value, count.value, start.value) : [],
  );
  const pages = computed(() => (places.value.at(-1)?.page ?? 0) + 1);
  return { typed, sheet, issues, size, perPage, start, startWrong, isRight, places, pages };
}
