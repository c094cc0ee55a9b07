export const WHEREABOUTS = ['in', 'out', 'on-the-bench', 'laid-up', 'gone'] as const;
export type Whereabouts = (typeof WHEREABOUTS)[number];
