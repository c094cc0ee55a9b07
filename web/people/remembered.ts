const KEY = 'cadre.people';
const MOST = 8;

interface Remembered {
  readonly signInName: string;
  readonly name: string;
  /** Has a PIN on this browser. */
  readonly pin?: boolean;
}

/** People who have signed in on this browser, newest first. Names only: never a code. */
export function rememberedNames(): readonly Remembered[] {
  try {
    const found = JSON.parse(localStorage.getItem(KEY) ?? '[]') as unknown;
    return Array.isArray(found)
      ? (found as Remembered[]).filter(
          (each) => typeof each?.signInName === 'string' && typeof each?.name === 'string',
        )
      : [];
  } catch {
    return []; // somebody edited the store by hand: begin anew
  }
}

export function rememberName(signInName: string, name: string, pin: boolean): void {
  localStorage.setItem(
    KEY,
    JSON.stringify(
      [
        { signInName, name, pin },
        ...rememberedNames().filter((each) => each.signInName !== signInName),
      ].slice(0, MOST),
    ),
  );
}
