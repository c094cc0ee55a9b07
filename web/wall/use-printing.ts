import { nextTick, onScopeDispose, ref, type Ref } from 'vue';

/** The morning sheet is put on the page for the printer alone, whoever asked for it: the button or the browser. */
export function usePrinting(): { readonly printing: Ref<boolean>; print(): Promise<void> } {
  const printing = ref(false);
  const beforePrint = (): void => {
    printing.value = true;
  };
  window.addEventListener('beforeprint', beforePrint);
  onScopeDispose(() => window.removeEventListener('beforeprint', beforePrint));
  async function print(): Promise<void> {
    printing.value = true;
    await nextTick();
    await new Promise((done) => requestAnimationFrame(() => setTimeout(done, 100)));
    window.print();
  }
  return { printing, print };
}
