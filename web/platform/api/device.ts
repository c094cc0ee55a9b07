import { v4 as newDeviceId } from 'uuid';

const KEY = 'cadre.device';

/** This browser's own id: marks carry it, and only a device somebody signed in on may deliver their marks. */
export function deviceId(): string {
  const known = localStorage.getItem(KEY);
  if (known) return known;
  const made = newDeviceId();
  localStorage.setItem(KEY, made);
  return made;
}
