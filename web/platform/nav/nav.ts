import type { Act } from '@cadre/core/people';

/** The jobs the navigation is grouped by, in the order of a day. */
export const AREAS = ['today', 'workshop', 'plan', 'fleet', 'learn', 'setup'] as const;
export type Area = (typeof AREAS)[number];

interface NavEntry {
  readonly area: Area;
  /** Its place in its area. */
  readonly order: number;
  /** Only for people who may do this. */
  readonly act?: Act;
}

/** What the help of a view says: what the view is for, and the words it uses. */
export interface ViewHelp {
  readonly purpose: readonly string[];
  readonly words: readonly { readonly word: string; readonly means: string }[];
}

declare module 'vue-router' {
  interface RouteMeta {
    readonly title?: string;
    /** May be seen without signing in. */
    readonly open?: boolean;
    /** A view in the navigation, under its title. */
    readonly nav?: NavEntry;
    /** The view of the navigation this one belongs to. */
    readonly under?: string;
    /** Hands are busy here: the navigation makes room. */
    readonly work?: boolean;
    /** What the command field offers it as, where it is an act. */
    readonly command?: { readonly label: string; readonly act?: Act };
    readonly help?: () => Promise<{ readonly default: ViewHelp }>;
  }
}
