import { computed, type ComputedRef } from 'vue';
import { DEFAULT_POLICY } from '@cadre/core/catalogue';
import { readNumber } from '@cadre/core/measures';
import { useCatalogue } from '@cadre/web/catalogue';

export interface Money {
  /** As people read it, from the smallest unit. */
  show(minor: number): string;
  /** What somebody typed, in the smallest unit; null when it is no amount of money, or under nothing. */
  read(text: string): number | null;
  /** As somebody would type it. */
  typed(minor: number): string;
}

export function moneyIn(currency: string): Money {
  const format = new Intl.NumberFormat('en', {
    style: 'currency',
    currency,
    currencyDisplay: 'narrowSymbol',
  });
  const digits = format.resolvedOptions().maximumFractionDigits ?? 2;
  const unit = 10 ** digits;
  return {
    show: (minor) => format.format(minor / unit),
    read: (text) => {
      const value = readNumber(text.replace(/^\p{Sc}\s*|\s*\p{Sc}$/gu, ''));
      return value === null || value < 0 ? null : Math.round(value * unit);
    },
    typed: (minor) => (minor / unit).toFixed(digits),
  };
}

/** Money as the policy counts it. */
export function useMoney(): ComputedRef<Money> {
  const catalogue = useCatalogue();
  return computed(() => moneyIn((catalogue.policy() ?? DEFAULT_POLICY).money.currency));
}
