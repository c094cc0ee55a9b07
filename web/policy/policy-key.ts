import { computed, inject, type ComputedRef, type InjectionKey } from 'vue';
import type { PolicyChoices } from '@cadre/contract/catalogue';
import type { PolicyForm } from './use-policy-form';

export const POLICY_FORM: InjectionKey<PolicyForm> = Symbol('policy-form');

/** The policy being changed, for the parts of its form. */
export function useGivenPolicy(): PolicyForm & { readonly chosen: ComputedRef<PolicyChoices> } {
  const form = inject(POLICY_FORM);
  if (!form) throw new Error('only where the policy is shown');
  const chosen = computed(() => {
    if (!form.choices.value) throw new Error('the policy is not here yet');
    return form.choices.value;
  });
  return { ...form, chosen };
}
