export { whatIfSchema, type Missed, type Moved, type Side, type WhatIf } from './schema';
export { tryOut } from './try-out';
