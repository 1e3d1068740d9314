import type { PlannedJob } from '@/core/plan';
import { keep, selectProject, useAppDispatch, useAppSelector } from '@/store';
import { Button, Small } from '@/ui';

type Waits = PlannedJob['waitsFor'][number];

/** What may be done about a rule: usual practice can be set aside, one's own taken back, the others stay. */
export function RuleActions({ link, after }: { link: Waits; after: PlannedJob }) {
  const dispatch = useAppDispatch();
  const { ownRules } = useAppSelector(selectProject);
  const pair = { before: link.jobId, after: after.id };
  const own = Object.values(ownRules).find(
    (rule) => rule.before === pair.before && rule.after === pair.after,
  );
  if (own) {
    return (
      <Button
        look="quiet"
        className="self-start"
        label="Take your rule back"
        hint={`Take your rule back: ${own.because}`}
        onPress={() =>
          void dispatch(
            keep([{ type: 'ruleTakenBack', payload: { id: own.id } }], 'Took a rule back.'),
          )
        }
      />
    );
  }
  if (link.strength === 'own') return null;
  if (link.strength !== 'practice') {
    return <Small>{`A rule of ${RULE_KINDS[link.strength]}: it stays.`}</Small>;
  }
  return (
    <Button
      look="quiet"
      className="self-start"
      label="Set this rule aside"
      hint={`Set aside: ${link.why}`}
      onPress={() =>
        void dispatch(
          keep(
            [{ type: 'ruleOverruled', payload: { ...pair, because: 'Set aside by the owner.' } }],
            `Set aside: ${link.why}`,
          ),
        )
      }
    />
  );
}

const RULE_KINDS: Record<Exclude<Waits['strength'], 'practice' | 'own'>, string> = {
  safety: 'safety',
  inspection: 'inspection',
  'cover-up': 'what must be seen before it is covered',
  physics: 'how things stand and dry',
};
