import { useState } from 'react';
import { View } from 'react-native';
import { Chip } from '@/features/log/strip';
import { Field, Small } from '@/ui';

export type Offer = { value: string; label: string };

export type SlotChip = {
  slot: string;
  /** What the slot is: "Who", "How long". */
  name: string;
  /** What it holds now. */
  label: string;
  /** The likeliest other values. */
  offers: readonly Offer[];
  /** All other values, by what is typed; none where the offers are all there is. */
  search?: (typed: string) => readonly Offer[];
  /** How a typed value looks. */
  hint?: string;
};

/** The slots of a statement as chips: tapping one shows the likely other values and the way to any. */
export function SlotChips({
  chips,
  onPick,
}: {
  chips: readonly SlotChip[];
  onPick: (slot: string, value: string) => void;
}) {
  const [open, setOpen] = useState<string | null>(null);
  const chip = chips.find(({ slot }) => slot === open);
  return (
    <View className="gap-2">
      <View className="flex-row flex-wrap gap-1">
        {chips.map(({ slot, name, label }) => (
          <Chip
            key={slot}
            label={label}
            hint={`${name}: ${label}, change`}
            isOpen={slot === open}
            onPress={() => setOpen(slot === open ? null : slot)}
          />
        ))}
      </View>
      {chip ? (
        <Others
          key={chip.slot}
          chip={chip}
          onPick={(value) => {
            setOpen(null);
            onPick(chip.slot, value);
          }}
        />
      ) : null}
    </View>
  );
}

function Others({ chip, onPick }: { chip: SlotChip; onPick: (value: string) => void }) {
  const [isTyping, setTyping] = useState(chip.offers.length === 0);
  const [typed, setTyped] = useState('');
  const found = isTyping && chip.search ? chip.search(typed).slice(0, 6) : [];
  return (
    <View role="group" aria-label={chip.name} className="gap-1">
      <View className="flex-row flex-wrap gap-1">
        {chip.offers.map((offer) => (
          <Chip key={offer.value} label={offer.label} onPress={() => onPick(offer.value)} />
        ))}
        {chip.search && !isTyping ? (
          <Chip label="Another…" hint={`${chip.name}: another`} onPress={() => setTyping(true)} />
        ) : null}
      </View>
      {isTyping && chip.search ? (
        <>
          <Field label={chip.name} hint={chip.hint} value={typed} onChangeText={setTyped} />
          <View className="flex-row flex-wrap gap-1">
            {found.map((offer) => (
              <Chip key={offer.value} label={offer.label} onPress={() => onPick(offer.value)} />
            ))}
          </View>
          {typed.trim() !== '' && found.length === 0 ? (
            <Small role="status">Nothing of that name or form yet.</Small>
          ) : null}
        </>
      ) : null}
    </View>
  );
}
