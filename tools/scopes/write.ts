/** Plans every scope and writes docs/scopes.md: `npm run scopes`. */
import { writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { scopesAsText } from './text';

writeFileSync(join('docs', 'scopes.md'), scopesAsText());
