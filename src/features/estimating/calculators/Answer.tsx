import { View } from 'react-native';
import {
  readable,
  saySumError,
  unitWord,
  type CalculatorError,
  type Takeoff,
  type TakeoffLine,
} from '@/core/estimating/calculators';
import { countWords } from '@/core/units';
import type { Result } from '@/core/result';
import { Body, Caution, Fact, Note, Section } from '@/ui';

/** A yes or no as such, a count in its plural, a measure as it is. */
function figureOf({ quantity, unit }: TakeoffLine): string {
  if (unit === 'yes = 1') return quantity === 1 ? 'yes' : 'no';
  const word = unitWord(unit);
  const read = readable(quantity);
  return word === '' ? String(read) : countWords(read, word);
}

/** Every line of a takeoff with its working, or what is missing for one. */
export function Answer({ result }: { result: Result<Takeoff, CalculatorError> }) {
  if (!result.ok) {
    const { path, reason } = saySumError(result.error);
    const isField = result.error.code === 'bad-field';
    return (
      <View role={isField ? undefined : 'alert'}>
        <Note>
          {isField
            ? 'The answer stands here once every field reads.'
            : `${path ? `${path}: ` : ''}${reason}.`}
        </Note>
      </View>
    );
  }
  const lines = result.value.lines.filter(({ again }) => !again);
  return (
    <Section title="It comes to">
      <View>
        {lines.map((line, at) => (
          <Fact
            key={line.id}
            name={line.item}
            figure={figureOf(line)}
            working={
              line.source === lines[at - 1]?.source
                ? line.working
                : `${line.working}. From: ${line.source}.`
            }
          />
        ))}
      </View>
      {result.value.cautions.map((caution) => (
        <Caution key={caution}>
          <Body>{caution}</Body>
        </Caution>
      ))}
    </Section>
  );
}
