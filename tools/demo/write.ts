/** `npm run demo`: writes demo/house.json. */
import { writeFileSync } from 'node:fs';
import { demoText } from './build';

writeFileSync('demo/house.json', demoText());
