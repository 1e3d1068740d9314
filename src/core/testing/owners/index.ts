export { live, type Life, type Lived, type OwnersHouse, type OwnersJob } from './life';
export { houseAfter, houseToLive } from './renovation';
export { ownerOf, type Owner } from './population';
