<script setup lang="ts">
import { h, onBeforeUnmount, onMounted, ref, render, watch } from 'vue';
import { Calendar, type CalendarOptions, type EventApi } from 'fullcalendar';
import dayGridPlugin from 'fullcalendar/daygrid';
import interactionPlugin from 'fullcalendar/interaction';
import listPlugin from 'fullcalendar/list';
import 'fullcalendar/skeleton.css';
import type { CalendarEntry } from '@cadre/core/calendar';
import { dayAfter } from '@cadre/core/schedule';
import { dayWords } from '@cadre/web/platform/time';
import { shortDay, WEEKDAYS } from '@cadre/web/schedule';
import EntryTag from './EntryTag.vue';
import { ENTRY_WORDS } from './entry-wording';
import * as t from './messages';

/** The days of some weeks with what stands on each, as a grid or a list. What may be moved can be dragged to another day. */
const props = defineProps<{
  entries: readonly CalendarEntry[];
  way: 'weeks' | 'list';
  today: string;
  movable: (entry: CalendarEntry) => boolean;
}>();
const emit = defineEmits<{
  pick: [key: string];
  title: [title: string];
  move: [entry: CalendarEntry, day: string, back: () => void];
}>();
const place = ref<HTMLElement | null>(null);
let calendar: Calendar | null = null;
const WEEKS = 4;

const events = (): NonNullable<CalendarOptions['events']> =>
  props.entries.map((entry, index) => ({
    id: entry.key,
    title: t.entrySays({ kind: ENTRY_WORDS[entry.kind], name: entry.name, bikes: entry.bikeIds.length }),
    start: entry.day,
    allDay: true,
    startEditable: props.movable(entry),
    extendedProps: { entry, index },
  }));
const dayOf = (date: Date): string => date.toISOString().slice(0, 10);
/** What is read aloud is what is seen: the calendar would name a day in its own words and hide those on show. */
function readAsSeen(el: HTMLElement): void {
  el.removeAttribute('aria-label');
  for (const hidden of el.querySelectorAll('[aria-hidden]:not(svg)')) hidden.removeAttribute('aria-hidden');
}
/** Entries are buttons, and those stand in no list: what holds them is a group. */
function outOfList(el: HTMLElement): void {
  for (let at = el.parentElement; at && at !== place.value; at = at.parentElement) {
    const role = at.getAttribute('role');
    if (role !== 'list' && role !== 'listitem') continue;
    at.setAttribute('role', 'group');
    at.removeAttribute('aria-label');
  }
}
const entryOf = (event: EventApi): CalendarEntry => event.extendedProps['entry'] as CalendarEntry;
/** The calendar takes plain elements: the tag is drawn into one. */
function tagOf(entry: CalendarEntry): { domNodes: Node[] } {
  const node = document.createElement('span');
  node.className = 'block w-full min-w-0';
  render(h(EntryTag, { entry }), node);
  return { domNodes: [node] };
}

onMounted(() => {
  if (!place.value) return;
  calendar = new Calendar(place.value, {
    plugins: [dayGridPlugin, listPlugin, interactionPlugin],
    initialView: props.way,
    views: {
      // From this week on: what is over is on the record, not on the calendar.
      weeks: {
        type: 'dayGrid',
        duration: { weeks: WEEKS },
        dateAlignment: 'week',
        dateIncrement: { weeks: 2 },
      },
      list: { type: 'list', duration: { weeks: WEEKS }, dateIncrement: { weeks: 2 } },
    },
    initialDate: props.today,
    now: () => props.today,
    headerToolbar: false,
    firstDay: 1,
    timeZone: 'UTC', // days are the site's, as text: no zone of a browser moves them
    height: 'auto',
    fixedWeekCount: false,
    dayMaxEvents: 5,
    eventDisplay: 'block',
    eventInteractive: true,
    eventOrder: 'index',
    viewClass: 'border-2 border-line',
    dayHeaderClass: 'border border-line bg-sunk px-1.5 font-semibold',
    dayRowClass: 'border-b border-line',
    dayCellClass: ({ isToday }) => `border border-line min-h-24 ${isToday ? 'bg-plate' : ''}`,
    dayCellTopClass: ({ isToday }) => `px-1.5 text-right ${isToday ? 'font-bold underline' : 'text-soft'}`,
    eventClass: 'px-0.5 pb-0.5 cursor-pointer',
    moreLinkClass: 'mx-1.5 inline-flex min-h-8 items-center font-semibold underline cursor-pointer',
    popoverClass: 'rounded-md border-2 border-ink/60 bg-plate p-2 shadow-lg',
    listDayHeaderClass: 'bg-sunk px-2 py-1 font-semibold',
    listDayClass: 'border-b border-line',
    dayHeaderContent: ({ dow }) => WEEKDAYS[(dow + 6) % 7]?.name.slice(0, 3) ?? '',
    dayCellTopContent: ({ date, isToday }) => shortDay(dayOf(date), isToday),
    listDayHeaderContent: ({ date, dow, level }) =>
      level === 0 ? (WEEKDAYS[(dow + 6) % 7]?.name ?? '') : dayWords(dayOf(date)),
    dayHeaderDidMount: ({ el }) => readAsSeen(el),
    dayCellDidMount: ({ el }) => readAsSeen(el),
    eventDidMount: ({ el }) => outOfList(el),
    noEventsContent: t.nothingThen,
    moreLinkContent: ({ num }) => t.moreEntries({ count: num }),
    eventContent: ({ event }) => tagOf(entryOf(event)),
    datesSet: ({ view }) =>
      emit(
        'title',
        t.fromTo({
          from: dayWords(dayOf(view.activeStart)),
          to: dayWords(dayAfter(dayOf(view.activeEnd), -1)),
        }),
      ),
    eventClick: ({ event, jsEvent }) => {
      jsEvent.preventDefault();
      emit('pick', event.id);
    },
    eventDragStart: () => {
      dragged = true;
    },
    eventDragStop: () => {
      dragged = false;
      setTimeout(draw); // once the drop itself was told
    },
    eventDrop: ({ event, revert }) => emit('move', entryOf(event), event.startStr.slice(0, 10), revert),
    events: events(),
  });
  calendar.render();
});
onBeforeUnmount(() => calendar?.destroy());
/** What is drawn now: it is drawn anew only where it says something else, and never from under the hand that drags it. */
let drawn = '';
let dragged = false;
function draw(): void {
  const said = JSON.stringify([props.entries, props.today]);
  if (said === drawn || dragged) return;
  drawn = said;
  calendar?.setOption('events', events());
}
watch(() => [props.entries, props.today], draw);
watch(
  () => props.way,
  (way) => calendar?.changeView(way),
);
defineExpose({
  earlier: () => calendar?.prev(),
  later: () => calendar?.next(),
  now: () => calendar?.gotoDate(props.today),
});
</script>

<template>
  <div ref="place" data-days />
</template>
