import { useState } from 'react';
import { View } from 'react-native';
import { findProduct, offeredFor, type FinishQuote } from '@/core/estimating/finishes';
import { finishKey, openingSlot, type Place, type Product, type Slot } from '@/core/house';
import { formatMoney, formatAbout } from '@/core/units';
import { keep, selectProject, useAppDispatch, useAppSelector } from '@/store';
import { Button, ButtonLink, Note, Section, Slip } from '@/ui';
import { useQuotes } from './useQuotes';
import { leadWords, suitOf } from './words';

const WORKING = 'working it out…';

/** One surface or opening: what was chosen with its takeoff, and what else there is, each with what it would take here. */
export function SlotChooser({ place, slot, title }: { place: Place; slot: Slot; title: string }) {
  const dispatch = useAppDispatch();
  const project = useAppSelector(selectProject);
  const chosen = findProduct(project, project.finishes[finishKey(place.id, slot)]);
  const [choosing, setChoosing] = useState(false);
  const opening = place.openings?.find((_, at) => openingSlot(at) === slot);
  const offered = offeredFor(project, suitOf(slot), opening);
  const open = choosing || !chosen;
  const shown = [
    ...(chosen ? [chosen] : []),
    ...(open ? offered.filter(({ id }) => id !== chosen?.id) : []),
  ];
  const quotes = useQuotes(place, slot, shown);
  return (
    <Section title={title} sum={chosen ? 'chosen' : 'to choose'}>
      {chosen ? <Chosen product={chosen} quote={quotes.get(chosen.id)} /> : null}
      {chosen ? (
        <View className="flex-row flex-wrap gap-2">
          <Button
            label={choosing ? 'Leave it' : 'Choose another'}
            hint={`${choosing ? 'Leave it' : 'Choose another'}: ${title}`}
            onPress={() => setChoosing(!choosing)}
          />
          <Drawn place={place} slot={slot} product={chosen} />
          <Button
            look="quiet"
            label="Choose nothing yet"
            hint={`Choose nothing yet: ${title}`}
            onPress={() =>
              void dispatch(
                keep(
                  [{ type: 'finishDropped', payload: { placeId: place.id, slot } }],
                  `${title}, ${place.name}: to choose.`,
                ),
              )
            }
          />
        </View>
      ) : null}
      {shown
        .filter(({ id }) => id !== chosen?.id)
        .map((product) => (
          <Offered
            key={product.id}
            place={place}
            slot={slot}
            product={product}
            quote={quotes.get(product.id)}
            onChosen={() => setChoosing(false)}
          />
        ))}
    </Section>
  );
}

type Quote = FinishQuote | undefined;

function Chosen({ product, quote }: { product: Product; quote: Quote }) {
  const { currency } = useAppSelector(selectProject);
  return (
    <Slip
      state="done"
      title={product.name}
      note={`${leadWords(product.leadDays)}${product.shop ? ` from ${product.shop}` : ''}`}
      figure={quote?.ok ? quote.amount : undefined}
      figureNote={quote?.ok ? `about ${formatAbout(quote.cents, currency)}` : undefined}
    >
      <Note>
        {!quote
          ? WORKING
          : quote.ok
            ? quote.working
            : `Cannot be worked out here: ${quote.reason}.`}
      </Note>
    </Slip>
  );
}

/** Board, planks and tile are set out piece by piece: the drawing is one tap away. */
function Drawn({ place, slot, product }: { place: Place; slot: Slot; product: Product }) {
  if (!['drywall', 'planks', 'tile'].includes(product.sum)) return null;
  return (
    <ButtonLink
      href={{ pathname: '/layout/[placeId]', params: { placeId: place.id, slot } }}
      label="See it laid out"
    />
  );
}

function Offered({
  place,
  slot,
  product,
  quote,
  onChosen,
}: {
  place: Place;
  slot: Slot;
  product: Product;
  quote: Quote;
  onChosen: () => void;
}) {
  const dispatch = useAppDispatch();
  const { currency } = useAppSelector(selectProject);
  const choose = async () => {
    const payload = { placeId: place.id, slot, productId: product.id };
    if (
      await dispatch(keep([{ type: 'finishChosen', payload }], `${product.name}, ${place.name}.`))
    ) {
      onChosen();
    }
  };
  return (
    <Slip
      title={product.name}
      note={`${leadWords(product.leadDays)}${product.shop ? ` from ${product.shop}` : ''}`}
      figure={!quote ? WORKING : quote.ok ? formatMoney(quote.cents, currency) : 'does not fit'}
      figureNote={quote?.ok ? quote.amount : undefined}
    >
      <Button
        look="quiet"
        className="self-start"
        label="Choose"
        hint={`Choose: ${product.name}`}
        onPress={() => void choose()}
      />
    </Slip>
  );
}
