import { View } from 'react-native';
import { findProduct } from '@/core/estimating/finishes';
import { finishKey, slotSchema, type Place, type Product } from '@/core/house';
import { Page } from '@/features/shell';
import { selectPlaces, selectProject, useAppSelector } from '@/store';
import { ButtonLink, Empty } from '@/ui';
import { PlankLayout } from './PlankLayout';
import { SheetLayout } from './SheetLayout';
import { TileLayout } from './TileLayout';

/** A finish set out piece by piece on the surfaces of a room. */
export function LayoutScreen({ placeId, slot }: { placeId: string; slot: string }) {
  const project = useAppSelector(selectProject);
  const place = useAppSelector(selectPlaces).find(({ id }) => id === placeId);
  const read = slotSchema.safeParse(slot);
  const product =
    place && read.success
      ? findProduct(project, project.finishes[finishKey(place.id, read.data)])
      : undefined;
  if (!place || !product) {
    return (
      <Page title="Nothing laid out yet">
        <Empty
          title="A layout stands here once a finish is chosen"
          note="Choose board, floor boards or tile for the room."
        >
          <ButtonLink
            look="main"
            href={place ? `/finishes/${place.id}` : '/house'}
            label={place ? `Finishes, ${place.name}` : 'Go to the house'}
          />
        </Empty>
      </Page>
    );
  }
  return (
    <Page title={`${product.name}, ${place.name}`}>
      <OfKind place={place} product={product} />
      <View className="flex-row print:hidden">
        <ButtonLink look="quiet" href={`/finishes/${place.id}`} label={`Finishes, ${place.name}`} />
      </View>
    </Page>
  );
}

function OfKind({ place, product }: { place: Place; product: Product }) {
  switch (product.sum) {
    case 'drywall':
      return <SheetLayout place={place} product={product} />;
    case 'planks':
      return <PlankLayout place={place} product={product} />;
    case 'tile':
      return <TileLayout place={place} product={product} />;
    default:
      return (
        <Empty
          title="This finish is not laid out in pieces"
          note="Paint, paper and cartons are counted, not drawn."
        />
      );
  }
}
