export { live } from './life';
export { houseAfter, houseToLive } from './renovation';
export { ownerOf, type Owner } from './population';
