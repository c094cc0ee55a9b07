import { useBroadcastChannel, useLocalStorage } from '@vueuse/core';
import { defineStore } from 'pinia';
import { computed, reactive, ref, watch } from 'vue';
import { instrumentOf } from '@cadre/core/equipment';
import { judgeMessage, parseMessage, type InstrumentUnit } from '@cadre/core/instruments';
import { alsoReads } from '@cadre/web/platform/keys';
import { now } from '@cadre/web/platform/time';
import { standing, useEquipment } from '@cadre/web/equipment';
import { ADAPTERS, type AdapterKey, type Connection } from './adapters';
import { judgedWords } from './instrument-words';
import * as t from './messages';

/** A value that came from an instrument, as the field in hand takes it. */
export interface InstrumentReading {
  readonly value: number;
  readonly unit: InstrumentUnit;
  /** The instrument's place in the register; null: it is not in it. */
  readonly equipmentId: string | null;
}

/** A field that takes readings while it is in hand. */
export interface FieldInHand {
  /** The unit it takes a bare number in; null: it takes no readings now. */
  readonly unit: () => InstrumentUnit | null;
  /** What a reading would be of now: another bike, checkpoint or joint is another place. */
  readonly place: () => string;
  readonly take: (reading: InstrumentReading) => void;
  /** What there is to say of a reading that was not taken, or was with a caution; `confirm` takes it after all. */
  readonly say: (words: string, confirm: (() => void) | null) => void;
}

export interface ConnectedInstrument {
  readonly key: string;
  readonly way: AdapterKey | 'stand-in';
  readonly name: string;
  lastLine: string;
  lastAt: number | null;
  /** What is wrong with it; empty: nothing. */
  trouble: string;
}

/** The channel simulated instruments send on, to every window of this browser. */
export const STAND_IN_CHANNEL = 'cadre-instruments';

/** The instruments connected to this browser, and the one field their readings land in. */
export const useInstruments = defineStore('instruments', () => {
  const connected = reactive(new Map<string, ConnectedInstrument>());
  const connections = new Map<string, Connection>();
  const fields: FieldInHand[] = [];
  const standInsOn = useLocalStorage('cadre.stand-ins', false);
  /** Readings that came while no field was in hand. */
  const unclaimed = ref('');
  /** Something that says who it is has sent: only now is the register asked for. */
  const asked = ref(false);
  const equipment = useEquipment(() => asked.value);
  /** What came before the register was known: an instrument that failed its check is in there. */
  const waiting: {
    readonly line: string;
    readonly from: ConnectedInstrument | null;
    readonly field: FieldInHand;
    readonly place: string;
  }[] = [];
  watch([equipment.known, equipment.offline], () => {
    const came = waiting.splice(0);
    const here = fieldInHand();
    if (came.length === 0) return;
    // Somebody who moved on meanwhile would have it taken for the next bike.
    if (came.every(({ field, place }) => field === here && place === here.place()))
      for (const { line, from } of came) receive(line, from);
    else if (here) here.say(t.movedOn, null);
    else unclaimed.value = t.movedOn;
  });

  const fieldInHand = (): FieldInHand | undefined => fields.findLast((field) => field.unit() !== null);
  function claim(field: FieldInHand): void {
    release(field);
    fields.push(field);
  }
  function release(field: FieldInHand): void {
    const at = fields.indexOf(field);
    if (at >= 0) fields.splice(at, 1);
  }

  /** A line that came from somewhere; whether there was a field for it. */
  function receive(line: string, from: ConnectedInstrument | null): boolean {
    if (from) Object.assign(from, { lastLine: line.slice(0, 80), lastAt: now(), trouble: '' });
    const trouble = (words: string, confirm: (() => void) | null = null): boolean => {
      if (from) from.trouble = words;
      fieldInHand()?.say(words, confirm);
      return true;
    };
    const message = parseMessage(line);
    const name = from?.name ?? t.instrument;
    if (!message) return from ? trouble(t.notUnderstood({ name })) : false;
    const field = fieldInHand();
    const wanted = field?.unit();
    unclaimed.value = '';
    if (!field || !wanted) {
      unclaimed.value = t.noField({ name });
      return false;
    }
    if (message.serial && !equipment.known.value && !equipment.offline.value) {
      asked.value = true;
      waiting.push({ line, from, field, place: field.place() });
      return true;
    }
    const item = message.serial
      ? equipment.items.value.find(({ serial }) => serial === message.serial)
      : undefined;
    const called = item?.tag ?? (message.serial || name);
    if (item && ['failed', 'withdrawn'].includes(standing(item, now())))
      return trouble(t.failedCheck({ name: called }));
    const kind = (item && instrumentOf(item.kind)) ?? message.kind;
    const known = kind
      ? {
          kind,
          unit: item?.unit ?? undefined,
          least: item?.least,
          most: item?.most,
        }
      : null;
    const judged = judgeMessage(message, wanted, known);
    const reading = (value: number, unit: InstrumentUnit): InstrumentReading => ({
      ...{ value, unit, equipmentId: item?.id ?? null },
    });
    if (judged.state === 'read') {
      field.take(reading(judged.value, judged.unit));
      if (judged.lowBattery) trouble(t.batteryLow({ name: called }));
      else if (item && standing(item, now()) === 'due') trouble(t.checkIsDue({ name: called }));
      else if (message.serial && !equipment.known.value) trouble(t.registerUnknown({ name: called }));
      return true;
    }
    const confirm =
      judged.state === 'other-unit' ? () => field.take(reading(judged.value, judged.unit)) : null;
    return trouble(judgedWords(judged, called), confirm);
  }

  async function connect(way: AdapterKey): Promise<void> {
    const { connect: open } = ADAPTERS[way];
    let own: ConnectedInstrument | null = null;
    const connection = await open({
      line: (line) => receive(line, own),
      closed: () => own && connected.delete(own.key),
    });
    const key = `${way} ${connected.size} ${now()}`;
    connected.set(key, { key, way, name: connection.name, lastLine: '', lastAt: null, trouble: '' });
    connections.set(key, connection);
    own = connected.get(key) ?? null;
  }
  async function disconnect(key: string): Promise<void> {
    await connections.get(key)?.close();
    connections.delete(key);
    connected.delete(key);
  }

  const { data } = useBroadcastChannel<string, string>({ name: STAND_IN_CHANNEL });
  watch(data, (sent) => {
    if (!standInsOn.value || typeof sent !== 'string') return;
    const { line } = JSON.parse(sent) as { line: string };
    const known = connected.get('stand-in') ?? {
      ...{
        key: 'stand-in',
        way: 'stand-in' as const,
        name: t.simulated,
        lastLine: '',
        lastAt: null,
        trouble: '',
      },
    };
    connected.set('stand-in', known);
    receive(line, connected.get('stand-in') ?? null);
  });
  alsoReads((text) => receive(text, null));

  return {
    connected: computed(() => [...connected.values()]),
    standInsOn,
    unclaimed,
    claim,
    release,
    receive,
    connect,
    disconnect,
  };
});
