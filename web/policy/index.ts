export { policyViews } from './views';
export { usePolicyForm } from './use-policy-form';
