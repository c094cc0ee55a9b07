import type { Role } from '@cadre/core/people';

/** The people of Lapwing Quay. All made up. */
export const demoPeople: readonly {
  name: string;
  signInName: string;
  secret: string;
  role: Role;
  trainee: boolean;
}[] = [
  { name: 'Ines Varga', signInName: 'ines', secret: 'curlew-1', role: 'lead', trainee: false },
  { name: 'Tomas Brill', signInName: 'tomas', secret: 'curlew-2', role: 'mechanic', trainee: false },
  { name: 'Pia Lunde', signInName: 'pia', secret: 'curlew-3', role: 'inspector', trainee: false },
  { name: 'Jonah Reeve', signInName: 'jonah', secret: 'curlew-4', role: 'inspector', trainee: true },
  { name: 'Sunny Adair', signInName: 'sunny', secret: 'curlew-5', role: 'desk', trainee: false },
];
