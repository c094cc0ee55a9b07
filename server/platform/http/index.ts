export { requireAct, requireCode, type Actor } from './actor';
export { deviceToken, sessionToken, setDeviceCookie, setSessionCookie } from './cookie';
export { createHttpApp } from './create-app';
export { deviceKind, deviceOf, NO_DEVICE } from './device';
export { STATUS } from './errors';
export { schemaOf } from './openapi';
export { FewAtOnce } from './few-at-once';
export { answering, readAs, type Implemented } from './implement';
