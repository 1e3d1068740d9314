export { freshId, keep, loadDraft, saveDraft, settleAside, undoLast } from './keep';
export { catchUp, hearTabs, openCurrent, readClock, reopen } from './open-house';
export {
  DEMO_ID,
  chooseTheme,
  exportHouse,
  exportZip,
  findDropped,
  importHouse,
  openDemo,
  readScopeHistory,
  startHouse,
  switchHouse,
  wipeHouse,
  type ImportError,
} from './houses';
export { type OfflineState, type OwnFiles, type Room } from './device';
export { askToLast, measureRoom, takeNewestBuild, watchOwnFiles } from './this-device';
export { momentOf, type Outside, type ReadFile, type Supplier } from './outside';
export {
  selectDecides,
  selectDevice,
  selectForecast,
  selectIsDemo,
  selectJobs,
  selectJobsById,
  selectLedger,
  selectOpenFirst,
  selectPlaces,
  selectPlan,
  selectPlanBefore,
  selectPlanIsBehind,
  selectPlanning,
  selectProject,
  selectSession,
  selectToday,
  selectWays,
  selectTonight,
  useAppDispatch,
  useAppSelector,
} from './selectors';
export { personNameIn, placeNameIn, placeOf } from './names';
export { noticed, toldOf } from './session';
export { limitWords } from './words';
export { loadPhoto, loadThumb, storePhoto, takePhoto } from './photos';
export {
  askShops,
  askWhatFits,
  askWhereItIs,
  planTheCuts,
  workOut,
  askQuotes,
  readLaser,
  tryChanges,
  weigh,
} from './ask';
export { createStore, type RootState, type Store } from './store';
