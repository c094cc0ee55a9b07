/**
 * The house, lowest floor first: a folder may import what is on the floors below its own, and nothing beside or above it. Lint holds this
 * (eslint.config.js); docs/architecture.md draws it.
 */
export const FLOORS = {
  server: [
    ['platform'],
    ['people', 'fitness'],
    ['catalogue'],
    ['fleet'],
    ['findings', 'reassembly'],
    ['parts'],
    ['repairs'],
    ['checks'],
    ['wear', 'waits', 'incidents', 'intake', 'schedule', 'photos', 'exchange', 'similar-faults', 'timeline'],
    ['unusual-records', 'rounds', 'wall', 'policy', 'setup'],
    ['app'],
  ],
  web: [
    ['platform'],
    ['ui'],
    ['words', 'measures'],
    ['figures'],
    ['people'],
    ['fleet'],
    ['catalogue'],
    ['find', 'findings', 'incidents', 'models', 'parts', 'photos', 'schedule', 'torque', 'waits', 'wear'],
    ['checks', 'repairs', 'rounds', 'policy', 'intake', 'exchange', 'unusual-records'],
    ['line', 'tools', 'records'],
    ['bikes'],
    ['wall'],
    ['shell'],
  ],
};
