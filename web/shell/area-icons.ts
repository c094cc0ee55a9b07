import { Bike, CalendarDays, GraduationCap, SlidersHorizontal, Sunrise, Wrench } from '@lucide/vue';
import type { Component } from 'vue';
import type { Area } from '@cadre/web/platform/nav';

export const AREA_ICONS: Record<Area, Component> = {
  today: Sunrise,
  workshop: Wrench,
  plan: CalendarDays,
  fleet: Bike,
  learn: GraduationCap,
  setup: SlidersHorizontal,
};
