/** `node --import tsx demo-plan.ts HOUSE PLAN`: the plan of a house file at its own clock, for whoever opens it first. */
import { planningInputOf } from '../../src/core/house';
import { readFileSync, writeFileSync } from 'node:fs';
import { readProjectFile } from '../../src/core/files';
import { planHouse } from '../../src/core/planning/plan-house';
import { standingOf } from '../../src/core/planning/report';

const [house = '', plan = ''] = process.argv.slice(2);
const file = readProjectFile(readFileSync(house, 'utf8'));
if (!file.ok) throw new Error(`${house}: ${file.error.code}`);
const { project, clock } = file.value;
if (clock === null) throw new Error(`${house} has no clock of its own`);
const planned = planHouse(planningInputOf(project), clock);
if (!planned.ok) throw new Error(`${house}: ${planned.error.code}`);
writeFileSync(plan, JSON.stringify(standingOf(planned.value)));
