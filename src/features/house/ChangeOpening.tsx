import { useWatch } from 'react-hook-form';
import { View } from 'react-native';
import { OPENING_CHANGES, type OpeningChange, type OpeningSize } from '@/core/house';
import { needsHeader } from '@/core/trade/steps/works';
import { formatLength, type UnitSystem } from '@/core/units';
import { ChoiceField, FormCard, TextField, useKeptForm } from '@/features/kit/form';
import { Note } from '@/ui';
import { HAS_NOW, HAS_THEN, emptyOpeningForm, openingFormSchema } from './opening-form';

const sizeWords = ({ width, height, sill }: OpeningSize, units: UnitSystem): string =>
  `${formatLength(width, units)} × ${formatLength(height, units)}${sill > 0 ? `, sill ${formatLength(sill, units)}` : ', to the floor'}`;

/** "Window to door: 3' × 4', sill 3' → 3' × 6' 9", to the floor". */
export function changeWords({ change, now, then }: OpeningChange, units: UnitSystem): string {
  const title = OPENING_CHANGES.find(({ id }) => id === change)?.title ?? change;
  const sizes = [now, then].flatMap((size) => (size ? [sizeWords(size, units)] : []));
  return sizes.length > 0 ? `${title}: ${sizes.join(' → ')}` : title;
}

const YES_NO = [
  { value: 'yes', label: 'Yes' },
  { value: 'no', label: 'No, or not known' },
];

/** One opening that changes: what to what, both sizes, and what is met in the wall. */
export function ChangeOpening({
  placeId,
  onKeep,
  onClose,
}: {
  placeId: string;
  onKeep: (opening: OpeningChange) => Promise<boolean>;
  onClose: () => void;
}) {
  const of = useKeptForm({
    name: `opening/${placeId}`,
    schema: openingFormSchema,
    initial: emptyOpeningForm,
    onDone: onClose,
    onKeep,
  });
  const { control } = of.form;
  const [change, wall, header] = useWatch({ control, name: ['change', 'wall', 'header'] });
  const isLarge =
    change !== 'closed' &&
    (wall === 'masonry' ||
      needsHeader({
        change,
        wall,
        header: header === 'yes',
        linesInTheWay: false,
        now: null,
        then: null,
      }));
  return (
    <FormCard of={of} title="Change an opening" action="Keep this opening">
      <ChoiceField
        name="change"
        label="How it changes"
        options={OPENING_CHANGES.map(({ id, title }) => ({ value: id, label: title }))}
      />
      {HAS_NOW(change) ? <SizeFields of="now" title="Now" /> : null}
      {HAS_THEN(change) ? <SizeFields of="then" title="Then" /> : null}
      <ChoiceField
        name="wall"
        label="The wall"
        options={[
          { value: 'frame', label: 'Frame wall' },
          { value: 'masonry', label: 'Masonry' },
        ]}
      />
      {HAS_THEN(change) ? (
        <ChoiceField
          name="header"
          label="Header there"
          hint="A header or lintel that carries the new width is there."
          options={YES_NO}
        />
      ) : null}
      <ChoiceField
        name="lines"
        label="Lines in the way"
        hint="Cable or pipe runs where the hole will be."
        options={YES_NO}
      />
      <Note className="text-ink">
        {isLarge
          ? 'Two to four days, sheeted and locked each night. An engineer sizes what carries.'
          : 'One day: the hole is closed again before dusk. It never starts before the unit is here.'}
      </Note>
    </FormCard>
  );
}

function SizeFields({ of, title }: { of: 'now' | 'then'; title: string }) {
  const field = (name: string, placeholder: string) => (
    <TextField
      name={`${of}.${name}`}
      className="min-w-[96px] flex-1"
      label={`${title}: ${name}`}
      placeholder={placeholder}
    />
  );
  return (
    <View className="flex-row flex-wrap gap-2">
      {field('width', "3'")}
      {field('height', '6\' 8"')}
      {field('sill', '0')}
    </View>
  );
}
