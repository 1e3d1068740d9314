import { View } from 'react-native';
import { countWords } from '@/core/units';
import type { Comparison } from '@/store/bring-in';
import { Button, Note, Section } from '@/ui';

type Way = 'bring in' | 'beside' | 'replace';

const many = ({ acts, photos }: Comparison['adds']): string =>
  acts + photos === 0
    ? 'nothing'
    : [
        ...(acts > 0 ? [countWords(acts, 'change')] : []),
        ...(photos > 0 ? [countWords(photos, 'photo')] : []),
      ].join(' and ');

/** A file of a house that is here already: three ways, each with what it would add, change and lose. */
export function HereAlready({
  comparison,
  onChoose,
  onLeave,
}: {
  comparison: Comparison;
  onChoose: (way: Way) => void;
  onLeave: () => void;
}) {
  const { name, adds, loses, unsettled, isSame } = comparison;
  return (
    <Section title={`“${name}” is on this device already`}>
      {isSame ? (
        <One
          label="Bring in what is new"
          look="main"
          note={`Adds ${many(adds)} that only the file has. Loses nothing. ${unsettled === 0 ? 'The two speak of nothing in two ways.' : `${countWords(unsettled, 'thing')} said on both you settle by hand; until then the later word stands.`}`}
          onPress={() => onChoose('bring in')}
        />
      ) : (
        <Note>The two did not begin as one house, so they cannot be brought together.</Note>
      )}
      <One
        label="Open it beside"
        note="Adds a second house. Nothing here changes, and the two cannot be brought together any more."
        onPress={() => onChoose('beside')}
      />
      <One
        label="Replace what is here with the file"
        look="danger"
        note={`Adds ${many(adds)}. Loses ${many(loses)} that only this device has.`}
        onPress={() => onChoose('replace')}
      />
      <Button className="self-start" label="Leave it" onPress={onLeave} />
    </Section>
  );
}

function One({
  label,
  note,
  look,
  onPress,
}: {
  label: string;
  note: string;
  look?: 'main' | 'danger';
  onPress: () => void;
}) {
  return (
    <View className="items-start gap-1">
      <Button look={look} label={label} onPress={onPress} />
      <Note>{note}</Note>
    </View>
  );
}
