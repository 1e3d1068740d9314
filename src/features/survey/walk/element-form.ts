import { z } from 'zod';
import {
  conditionSchema,
  decisionSchema,
  riskSchema,
  suspicionSchema,
  type Risk,
  type Survey,
  type Suspicion,
} from '@/core/house';
import { startingRisk } from '@/core/survey/risk';
import { formatMinutes, minutes, plainMoney, type Currency, type PlainDate } from '@/core/units';
import { countField, noteField, sumField, workField, type Written } from '@/features/kit/form';

export const USUAL = 'usual';
export const NOTHING = 'nothing';
const GOES: readonly string[] = ['remove', 'replace', 'move'];

/** Whether something of it may be kept to use again. */
export const goes = (decision: string): boolean => GOES.includes(decision);

const MOST = 99;

const riskTyped = z.object({
  chance: z.string(),
  low: z.string(),
  high: z.string(),
  cheap: z.string(),
  dear: z.string(),
});
type RiskTyped = z.input<typeof riskTyped>;

const hoursField = workField(true).transform((read) => read ?? minutes(0));

/** A chance with its hours and money, the lower before the higher. */
const riskField = (written: Written) =>
  z
    .object({
      chance: countField(0, 100).transform((read) => read ?? 0),
      low: hoursField,
      high: hoursField,
      cheap: sumField(written),
      dear: sumField(written),
    })
    .refine(({ low, high }) => low <= high, {
      path: ['high'],
      error: 'Fewer than the lower: give the lower hours first.',
    })
    .refine(({ cheap, dear }) => cheap <= dear, {
      path: ['dear'],
      error: 'Less than the lower: give the lower sum first.',
    })
    .transform(({ chance, low, high, cheap, dear }) =>
      riskSchema.parse({ chance, minutes: { low, high }, cents: { low: cheap, high: dear } }),
    );

const typedRisk = (risk: Risk, currency: Currency): RiskTyped => ({
  chance: String(risk.chance),
  low: formatMinutes(risk.minutes.low),
  high: formatMinutes(risk.minutes.high),
  cheap: plainMoney(risk.cents.low, currency, true),
  dear: plainMoney(risk.cents.high, currency, true),
});

const NO_RISK: RiskTyped = { chance: '', low: '', high: '', cheap: '', dear: '' };

/** The figures a kind of suspicion starts with. */
export const startingTyped = (suspicion: string, currency: Currency): RiskTyped =>
  suspicion === NOTHING ? NO_RISK : typedRisk(startingRisk(suspicion as Suspicion), currency);

export const elementFormSchema = (written: Written) =>
  z
    .object({
      decision: decisionSchema,
      how: z.string(),
      options: z.array(decisionSchema.exclude(['undecided'])),
      condition: conditionSchema,
      suspicion: z.enum([NOTHING, ...suspicionSchema.options]),
      risk: riskTyped,
      count: countField(1, MOST, true, 'how many there are,').transform((count) => count ?? 1),
      size: noteField,
      reason: noteField,
      again: noteField,
      againSize: noteField,
    })
    .transform((typed, context) => {
      const { suspicion, risk: figures } = typed;
      if (suspicion === NOTHING) return { ...typed, suspicion: null, risk: null };
      // Untouched figures stay the kind's own: they follow when those are learned better.
      const starting = startingTyped(suspicion, written.currency);
      if (JSON.stringify(figures) === JSON.stringify(starting)) {
        return { ...typed, suspicion, risk: null };
      }
      const read = riskField(written).safeParse(figures);
      if (read.success) return { ...typed, suspicion, risk: read.data };
      for (const { path, message } of read.error.issues) {
        context.addIssue({ code: 'custom', path: ['risk', ...path], message });
      }
      return z.NEVER;
    });
type ElementSchema = ReturnType<typeof elementFormSchema>;
export type ElementTyped = z.input<ElementSchema>;
export type ElementRead = z.output<ElementSchema>;

/** What is known of an element, in the form's fields. */
export const typedElement = (survey: Survey, currency: Currency): ElementTyped => ({
  decision: survey.decision,
  how: survey.how ?? USUAL,
  options: survey.options,
  condition: survey.condition,
  suspicion: survey.suspicion ?? NOTHING,
  risk: survey.risk
    ? typedRisk(survey.risk, currency)
    : startingTyped(survey.suspicion ?? NOTHING, currency),
  count: String(survey.count),
  size: survey.size ?? '',
  reason: survey.reason ?? '',
  again: survey.salvage?.what ?? '',
  againSize: survey.salvage?.size ?? '',
});

/** The element as it was said today. */
export const surveyFrom = (read: ElementRead, survey: Survey, today: PlainDate): Survey => ({
  ...survey,
  on: today,
  decision: read.decision,
  how: read.how === USUAL ? null : read.how,
  options: read.decision === 'undecided' ? read.options : [],
  condition: read.condition,
  suspicion: read.suspicion,
  risk: read.risk,
  count: read.count,
  size: read.size ?? null,
  reason: read.reason ?? null,
  salvage:
    goes(read.decision) && read.again ? { what: read.again, size: read.againSize ?? null } : null,
});
