import { View } from 'react-native';
import { saySumError, unitWord, type SumError, type Takeoff } from '@/core/takeoff';
import type { Result } from '@/core/result';
import { Body, Caution, Fact, Note, Section } from '@/ui';

/** Every line of a takeoff with its working, or what is missing for one. */
export function Answer({ result }: { result: Result<Takeoff, SumError> }) {
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
  return (
    <Section title="It comes to">
      <View>
        {result.value.lines.map(({ id, item, quantity, unit, working, source }) => (
          <Fact
            key={id}
            name={item}
            figure={`${quantity.toLocaleString('en-US')} ${unitWord(unit)}`}
            working={`${working}. From: ${source}.`}
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
