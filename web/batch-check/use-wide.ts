import { onScopeDispose, ref, type Ref } from 'vue';

const WIDE = '(min-width: 1000px)';

/** Whether there is room for the grid; below, bikes are cards under the thumb. */
export function useWide(): Readonly<Ref<boolean>> {
  const query = window.matchMedia(WIDE);
  const wide = ref(query.matches);
  const follow = (): void => {
    wide.value = query.matches;
  };
  query.addEventListener('change', follow);
  onScopeDispose(() => query.removeEventListener('change', follow));
  return wide;
}
