import { writeFileSync } from 'node:fs';
import { sumsDocument } from './document';

writeFileSync('docs/sums.md', sumsDocument());
