import { writeFileSync } from 'node:fs';
import { printCatalogue, printRules } from '@cadre/core/shipped';
import { say } from './say';

// Prints the shipped catalogue and its rules into docs; core/shipped/print.test.ts fails when they have drifted apart.
writeFileSync('docs/catalogue.md', printCatalogue());
writeFileSync('docs/rules.md', printRules());
say('docs/catalogue.md and docs/rules.md are printed.');
