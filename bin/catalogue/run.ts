import { writeFileSync } from 'node:fs';
import { printCatalogue, printRules } from './print';
import { say } from '../say';

// Prints the shipped catalogue and its rules into docs; catalogue.test.ts fails when they have drifted apart.
writeFileSync('docs/catalogue.md', printCatalogue());
writeFileSync('docs/rules.md', printRules());
say('docs/catalogue.md and docs/rules.md are printed.');
