import { writeFileSync } from 'node:fs';
import { coveredRanges, facesAt } from './coveredRanges';
import { inkRules } from './inkRules';

// What setting documents needs of the style sheets and of the typefaces, written beside the code that does it; tests hold both
// against what they were made of.
const root = process.cwd();
writeFileSync('src/papers/ink.json', `${JSON.stringify(inkRules(root), null, 2)}\n`);
writeFileSync('src/papers/covered.json', `${JSON.stringify(coveredRanges(facesAt(root)))}\n`);
