import { useEffect, useState } from 'react';
import type { FinishQuote } from '@/core/estimating/finishes';
import type { Place, Product, Slot } from '@/core/house';
import { askQuotes, selectProject, useAppDispatch, useAppSelector } from '@/store';

/** What each product would take in a slot of a room; a product is missing until its quote has come. */
export function useQuotes(
  place: Place,
  slot: Slot,
  products: readonly Product[],
): ReadonlyMap<string, FinishQuote> {
  const dispatch = useAppDispatch();
  const { units } = useAppSelector(selectProject);
  const [shown, setShown] = useState<{ of: string; quotes: ReadonlyMap<string, FinishQuote> }>();
  const where = JSON.stringify([place, slot, units]);
  const asked = JSON.stringify([place, slot, products, units]);
  useEffect(() => {
    const abort = new AbortController();
    const question = { place, slot, products: [...products], units };
    void dispatch(askQuotes(question, abort.signal)).then((answer) => {
      if (!answer || abort.signal.aborted) return;
      const quotes = products.flatMap(({ id }, at): [string, FinishQuote][] => {
        const quote = answer.ok ? answer.value[at] : BROKE;
        return quote ? [[id, quote]] : [];
      });
      setShown({ of: where, quotes: new Map(quotes) });
    });
    return () => abort.abort();
    // What is asked stands in `asked` word for word.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [asked, dispatch]);
  // What came for another room, or for sizes of before, is not shown as this one's.
  return shown?.of === where ? shown.quotes : NONE;
}

const NONE: ReadonlyMap<string, FinishQuote> = new Map();

const BROKE: FinishQuote = { ok: false, reason: 'the page must be loaded anew' };
