import { computed, reactive, watch, type InjectionKey } from 'vue';
import type { Bike } from '@cadre/contract/fleet';
import type { Assessment } from '@cadre/contract/assessments';
import type { StockItem } from '@cadre/contract/parts';
import type { Finding } from '@cadre/core/findings';
import { assessment as judgeAssessment } from '@cadre/core/measures';
import { likelyPart, placesOn } from '@cadre/core/parts';
import { jobMinutes } from '@cadre/core/repairs';
import { useCatalogue } from '@cadre/web/catalogue';
import { useMoney } from '@cadre/web/parts';
import * as t from './messages';

interface Priced {
  readonly assessment: Assessment;
  readonly bike: Bike;
  readonly items: readonly StockItem[];
}
const RECHECK_MINUTES = jobMinutes([]);

/** The prices of a used-bike assessment as they are typed, and the sum they come to. */
export function usePricing(props: Priced) {
  const catalogue = useCatalogue();
  const money = useMoney();
  const findings = computed(() => props.bike.facts.findings as readonly Finding[]);
  const rate = computed(() => catalogue.policy()?.money.hourlyRate ?? 0);
  /** What the shelf's price and the usual minutes make of a finding nobody has priced yet. */
  function proposed(finding: Finding): { parts: string; minutes: string } {
    const part = likelyPart(finding);
    const item = part
      ? props.items.find(
          (each) =>
            each.kind === part.kind &&
            placesOn(each, { build: props.bike.build, modelId: props.bike.modelId }).length > 0,
        )
      : undefined;
    return {
      parts: item ? money.value.typed(item.price) : '',
      minutes: String(jobMinutes([finding]) - RECHECK_MINUTES),
    };
  }
  const typed = reactive({
    asking: '',
    worth: '',
    prices: {} as Record<string, { parts: string; minutes: string }>,
  });
  watch(
    () => props.assessment.id,
    () => {
      typed.asking = money.value.typed(props.assessment.asking);
      typed.worth = money.value.typed(props.assessment.worth);
      typed.prices = {};
    },
    { immediate: true },
  );
  watch(
    [findings, () => props.items],
    () => {
      for (const finding of findings.value) {
        const priced = props.assessment.prices.find((price) => price.findingId === finding.id);
        typed.prices[finding.id] ??= priced
          ? { parts: money.value.typed(priced.parts), minutes: String(priced.minutes) }
          : proposed(finding);
      }
    },
    { immediate: true },
  );
  const isSaved = (finding: Finding): boolean =>
    props.assessment.prices.some((price) => price.findingId === finding.id);
  const rows = computed(() =>
    findings.value.map((finding) => {
      const said = typed.prices[finding.id] ?? { parts: '', minutes: '' };
      const parts = said.parts.trim() === '' ? 0 : money.value.read(said.parts);
      const minutes =
        said.minutes.trim() === ''
          ? 0
          : /^\d{1,4}$/.test(said.minutes.trim())
            ? Number(said.minutes.trim())
            : null;
      return { finding, parts, minutes };
    }),
  );
  const unpriced = computed(
    () => findings.value.filter((finding) => !typed.prices[finding.id]?.parts.trim()).length,
  );
  const asking = computed(() => money.value.read(typed.asking));
  const worth = computed(() => money.value.read(typed.worth));
  const wrong = computed(
    () =>
      asking.value === null ||
      worth.value === null ||
      rows.value.some((row) => row.parts === null || row.minutes === null),
  );
  const sum = computed(() => {
    if (wrong.value) return null;
    const judged = judgeAssessment(
      rows.value.map((row) => ({ parts: row.parts ?? 0, minutes: row.minutes ?? 0 })),
      rate.value,
      asking.value ?? 0,
      worth.value ?? 0,
    );
    return judged.ok ? judged.value : null;
  });
  const looked = computed(() => props.bike.facts.newestCheck !== null);
  const hands = computed(() => findings.value.filter((finding) => finding.words.toMechanic));
  const priced = () => ({
    asking: asking.value ?? 0,
    worth: worth.value ?? 0,
    prices: rows.value.map((row) => ({
      findingId: row.finding.id,
      parts: row.parts ?? 0,
      minutes: row.minutes ?? 0,
    })),
  });

  return { findings, rate, typed, isSaved, rows, unpriced, asking, worth, wrong, sum, looked, hands, priced };
}

export const PRICING: InjectionKey<ReturnType<typeof usePricing>> = Symbol(t.assessmentsPrices);
