import { build } from './build.mjs';
import { install, mustRun } from './lib.mjs';

install();
build();
mustRun('node', ['--import', 'tsx', 'server/main.ts']);
