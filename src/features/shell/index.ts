export { BuildNotice } from './BuildNotice';
export { Frame } from './Frame';
export { HouseGate } from './HouseGate';
export { KeepsNothing } from './KeepsNothing';
export { Page, useHouseHead } from './Page';
export { PlanState } from './PlanState';
export { ScreenFailed } from './ScreenFailed';
export { ThemeRoot } from './ThemeRoot';
export { browserStore } from './browser';
