import { onMounted, onScopeDispose, ref, type Ref } from 'vue';

/** The width of an element in rem, as it is now, and the size of a rem in pixels. */
export function useRoom(element: Ref<HTMLElement | null>): {
  readonly rem: Ref<number>;
  readonly pixels: Ref<number>;
  readonly top: Ref<number>;
  readonly strip: Ref<number>;
} {
  const pixels = ref(parseFloat(getComputedStyle(document.documentElement).fontSize) || 16);
  const rem = ref(50);
  const top = ref(0);
  const strip = ref(64);
  const measure = (): void => {
    if (!element.value) return;
    pixels.value = parseFloat(getComputedStyle(document.documentElement).fontSize) || 16;
    rem.value = element.value.clientWidth / pixels.value;
    strip.value = parseFloat(getComputedStyle(document.documentElement).getPropertyValue('--strip')) || 64;
    top.value = element.value.getBoundingClientRect().top + window.scrollY;
  };
  const observer = new ResizeObserver(measure);
  onMounted(() => {
    measure();
    if (element.value) observer.observe(element.value);
    observer.observe(document.body);
  });
  onScopeDispose(() => observer.disconnect());
  return { rem, pixels, top, strip };
}
