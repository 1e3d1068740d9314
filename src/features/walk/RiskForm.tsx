import { selectWays, useAppSelector } from '@/store';
import { useState } from 'react';
import { View } from 'react-native';
import type { Risk, Suspicion } from '@/core/house';
import { startingRisk } from '@/core/risk';
import { formatMinutes, parseDuration, parseMoney } from '@/core/units';
import { riskSchema } from '@/core/house';
import { Field, Note } from '@/ui';

/** Chance, hours and money of a suspicion: starting values of its kind, changed where one knows better. */
export function RiskForm({
  suspicion,
  risk,
  onRisk,
}: {
  suspicion: Suspicion;
  risk: Risk | null;
  onRisk: (risk: Risk | null) => void;
}) {
  const start = risk ?? startingRisk(suspicion);
  const plain = (cents: number) => String(Math.round(cents / 100));
  const { numberStyle } = useAppSelector(selectWays);
  const [chance, setChance] = useState(String(start.chance));
  const [low, setLow] = useState(formatMinutes(start.minutes.low));
  const [high, setHigh] = useState(formatMinutes(start.minutes.high));
  const [cheap, setCheap] = useState(plain(start.cents.low));
  const [dear, setDear] = useState(plain(start.cents.high));
  const [error, setError] = useState<string>();
  const read = (part: Partial<Record<'chance' | 'low' | 'high' | 'cheap' | 'dear', string>>) => {
    const typed = { chance, low, high, cheap, dear, ...part };
    const [from, to] = [parseDuration(typed.low), parseDuration(typed.high)];
    const [least, most] = [
      parseMoney(typed.cheap, numberStyle),
      parseMoney(typed.dear, numberStyle),
    ];
    const parsed = riskSchema.safeParse({
      chance: Number(typed.chance),
      minutes: { low: from.ok ? from.value : null, high: to.ok ? to.value : null },
      cents: { low: least.ok ? least.value : null, high: most.ok ? most.value : null },
    });
    if (parsed.success) onRisk(parsed.data);
    setError(
      parsed.success
        ? undefined
        : 'Write a chance from 0 to 100, hours like 4h, money like 150, the lower first. Until then the last readable figures stand.',
    );
  };
  return (
    <View className="gap-2">
      <View className="flex-row flex-wrap gap-3">
        <Field
          className="w-[96px]"
          label="Chance, %"
          value={chance}
          onChangeText={(text) => {
            setChance(text);
            read({ chance: text });
          }}
        />
        <Field
          className="w-[96px]"
          label="Hours from"
          value={low}
          onChangeText={(text) => {
            setLow(text);
            read({ low: text });
          }}
        />
        <Field
          className="w-[96px]"
          label="Hours to"
          value={high}
          onChangeText={(text) => {
            setHigh(text);
            read({ high: text });
          }}
        />
        <Field
          className="w-[96px]"
          label="Money from"
          value={cheap}
          onChangeText={(text) => {
            setCheap(text);
            read({ cheap: text });
          }}
        />
        <Field
          className="w-[96px]"
          label="Money to"
          value={dear}
          error={error}
          onChangeText={(text) => {
            setDear(text);
            read({ dear: text });
          }}
        />
      </View>
      <Note>
        Starting guesses for its kind. The middle of the range times the chance weighs on the
        forecast.
      </Note>
    </View>
  );
}
