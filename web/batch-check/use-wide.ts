import { useMediaQuery } from '@vueuse/core';
import * as t from './messages';

/** Whether there is room for the grid; below, bikes are cards under the thumb. */
export const useWide = () => useMediaQuery(t.minWidth1000px);
