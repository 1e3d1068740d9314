import { productsOf } from '../../src/core/estimating/finishes';
import type { EventBodyOf } from '../../src/core/journal';

/** Where the household of the demo found what it chose; made up, as all of it. */
const SHOP_OF: Readonly<Record<string, string>> = {
  'pine-board': 'Plank Yard',
  'oak-strip': 'Plank Yard',
  'tile-slate-12': 'Quarry Lane',
  'wall-matt': 'Marl Timber',
  'wall-wipe': 'Marl Timber',
  'ceiling-white': 'Marl Timber',
  'board-half': 'Marl Timber',
  'trim-pine': 'Marl Timber',
  'door-panel': 'Joiner Street',
  'window-sash': 'Glazier Row',
};

/** The products with the shop that has them: ours belong to none. */
export const SHOPPED: readonly EventBodyOf[] = productsOf({ products: {}, units: 'imperial' })
  .flatMap((product) => {
    const shop = SHOP_OF[product.id];
    return shop === undefined ? [] : [{ ...product, shop }];
  })
  .map((payload) => ({ type: 'productAdded', payload }));
