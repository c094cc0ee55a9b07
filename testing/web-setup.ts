import 'fake-indexeddb/auto';
import { disableAutoUnmount, enableAutoUnmount } from '@vue/test-utils';
import { afterAll, afterEach, beforeEach } from 'vitest';
import { kept, setServerNow } from '@cadre/web/app';

// The files of a worker share their modules (loading them once is most of the time): what one leaves behind is put away here.
disableAutoUnmount();
enableAutoUnmount(afterEach);
beforeEach(() => setServerNow(Date.now()));
// Nothing kept: an outbox still waiting to send again finds nothing to send.
afterAll(() => Promise.all(kept.tables.map((table) => table.clear())));

// No test reaches for a server that is not there; one that wants answers puts its own in this place.
globalThis.fetch = () => Promise.reject(new TypeError('no network in tests of the web'));
