import { inject, type InjectionKey } from 'vue';

/** What a view above provides under this key; that nobody does is a fault of the program, told by the key's name. */
export function useProvided<T>(key: InjectionKey<T>): T {
  const value = inject(key);
  if (value === undefined) throw new Error(`nothing provides ${key.description ?? 'this'} here`);
  return value;
}
