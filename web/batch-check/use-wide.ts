import { useMediaQuery } from '@vueuse/core';

/** Whether there is room for the grid; below, bikes are cards under the thumb. */
export const useWide = () => useMediaQuery('(min-width: 1000px)');
