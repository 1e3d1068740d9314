import { View } from 'react-native';
import { z } from 'zod';
import { rebuildBasis } from '@/core/planning/scenarios/compare';
import { plainMoney } from '@/core/units';
import {
  FormCard,
  TextField,
  TickField,
  moneyField,
  sumField,
  useKeptForm,
  useWritten,
} from '@/features/kit/form';
import { keep, selectProject, useAppDispatch, useAppSelector } from '@/store';
import { Button } from '@/ui';

const SMALLER = -90;
const LARGER = 300;

const growthField = z.string().transform((text, context): number => {
  const typed = text.trim().replace('%', '');
  const percent = typed === '' ? 0 : Number(typed);
  if (Number.isInteger(percent) && percent >= SMALLER && percent <= LARGER) return percent;
  context.addIssue({
    code: 'custom',
    message: `Write it in whole percent from ${SMALLER} to ${LARGER}, such as 20.`,
  });
  return z.NEVER;
});

/** What a builder asks here, in place of the starting guesses. */
export function RebuildForm({ onDone }: { onDone: () => void }) {
  const dispatch = useAppDispatch();
  const project = useAppSelector(selectProject);
  const written = useWritten();
  const { currency } = project;
  const { rates, isGuess } = rebuildBasis(project);
  const area = rates.per === 'sqft' ? 'a square foot' : 'a square metre';
  const of = useKeptForm({
    name: 'rebuild',
    schema: z.object({
      build: sumField(written),
      clear: sumField(written),
      growth: growthField,
      keepsFoundation: z.boolean(),
      quote: moneyField(written, null),
    }),
    initial: {
      build: plainMoney(rates.buildCents, currency, true),
      clear: plainMoney(rates.clearCents, currency, true),
      growth: rates.growthPercent === 0 ? '' : String(rates.growthPercent),
      keepsFoundation: rates.keepsFoundation,
      quote: rates.quoteCents === null ? '' : plainMoney(rates.quoteCents, currency, true),
    },
    onDone,
    onKeep: ({ build, clear, growth, keepsFoundation, quote }) =>
      dispatch(
        keep(
          [
            {
              type: 'rebuildPriced',
              payload: {
                rebuild: {
                  per: rates.per,
                  buildCents: build,
                  clearCents: clear,
                  growthPercent: growth,
                  keepsFoundation,
                  quoteCents: quote,
                },
              },
            },
          ],
          'What building new would cost is kept.',
        ),
      ),
  });
  return (
    <FormCard of={of} title="What building new would cost" action="Keep the figures">
      <View className="flex-row flex-wrap gap-3">
        <TextField
          name="build"
          label="To build"
          hint={`${area} of heated floor`}
          className="min-w-[130px] flex-1"
          numeric
        />
        <TextField
          name="clear"
          label="To clear"
          hint={`${area} of today’s`}
          className="min-w-[130px] flex-1"
          numeric
        />
      </View>
      <TextField
        name="growth"
        label="Larger than now"
        hint="in percent; empty: as large"
        className="max-w-[240px]"
        numeric
      />
      <TickField
        name="keepsFoundation"
        label="The foundation stays"
        hint="An engineer says whether it can carry a new house."
      />
      <TextField
        name="quote"
        label="A builder’s price for all of it"
        hint="goes before the rates; empty: none"
        className="max-w-[240px]"
        numeric
      />
      {isGuess ? null : (
        <Button
          look="quiet"
          className="self-start"
          label="Back to the starting guesses"
          onPress={() => {
            of.forget();
            void dispatch(
              keep(
                [{ type: 'rebuildPriced', payload: { rebuild: null } }],
                'Back to the starting guesses.',
              ),
            ).then(onDone);
          }}
        />
      )}
    </FormCard>
  );
}
