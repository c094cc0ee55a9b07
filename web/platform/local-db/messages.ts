import { message } from '@cadre/web/platform/i18n';

// local-db
export const idBikeidState = message('id, bikeId, state');
export const idCheckidSentCheckid = message('id, checkId, sent, [checkId+sent]');
export const idPersonid = message('id, personId');
