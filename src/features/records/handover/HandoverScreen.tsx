import { View } from 'react-native';
import { leftForLater } from '@/core/records/walls';
import { handoverOf } from '@/core/records/handover';
import type { PlannedJob } from '@/core/planning/report';
import { countWords, formatDate } from '@/core/units';
import { heldTitle } from '@/features/records/walls';
import { slotName } from '@/features/estimating/finishes';
import { Photos, PictureOf } from '@/features/kit/photo';
import { Page } from '@/features/shell';
import {
  placeNameIn,
  placeOf,
  selectJobsById,
  selectProject,
  selectToday,
  useAppSelector,
} from '@/store';
import { ButtonLink, Folded, Note, Section, Slip } from '@/ui';

/** What goes with the house when it is called done: papers, shut-offs, colours, spares, and what is left to remember. */
export function HandoverScreen() {
  const project = useAppSelector(selectProject);
  const today = useAppSelector(selectToday);
  const jobs: ReadonlyMap<string, PlannedJob> = useAppSelector(selectJobsById);
  const { passed, shutOffs, finishes, spares, trades, papers, left } = handoverOf(project);
  const later = leftForLater(project);
  const whereOf = (id: string) => {
    const job = jobs.get(id);
    return job ? placeOf(project, job) : '';
  };
  const titleOf = (id: string) => jobs.get(id)?.title ?? 'a job no longer planned';
  return (
    <Page title="Handover">
      <View className="gap-4">
        <Slip
          state={left.punch + left.questions === 0 ? 'done' : 'later'}
          title={
            left.punch + left.questions === 0 ? 'Nothing left to remember' : 'Still to remember'
          }
          note={leftWords(left)}
        >
          <View className="flex-row flex-wrap gap-2">
            <ButtonLink look="quiet" href="/punch" label="The punch list" />
            <ButtonLink look="quiet" href="/compare" label="Open questions" />
          </View>
        </Slip>
        <Listed
          title="What shuts off what"
          empty="Say of what is behind the walls on which shut-off or breaker it hangs; it stands here."
          rows={shutOffs.map(({ name, things }) => ({
            title: name,
            note: things
              .map(({ place, wall, held }) => `${heldTitle(held)} (${place.name}, ${wall})`)
              .join(', '),
          }))}
        />
        <Listed
          title="Left for later"
          empty="Capped stubs, empty conduit and blocking for a rail to come stand here."
          rows={later.map(({ place, record, held }) => ({
            title: heldTitle(held),
            note: `${place.name}, ${record.wall}`,
          }))}
        />
        <Listed
          title="Inspections passed"
          empty="None yet."
          rows={passed.map(({ jobId, on }) => ({
            title: titleOf(jobId),
            note: [whereOf(jobId), formatDate(on, today)].filter(Boolean).join(', '),
          }))}
        />
        <Listed
          title="Colours and products"
          empty="Products chosen for a room’s walls, floor and openings stand here."
          rows={finishes.map(({ place, slot, name }) => ({
            title: name,
            note: `${place.name}, ${slotName(slot).toLowerCase()}`,
          }))}
        />
        <Listed
          title="Spares kept"
          empty="What is left over stands here, for mending."
          rows={spares.map(({ what, amount, placeId }) => ({
            title: what,
            note: `${amount} · ${placeNameIn(project, placeId as never)}`,
          }))}
        />
        <Listed
          title="Who built what"
          empty="Trades you hired stand here with their work, to be called for a warranty."
          rows={trades.map(({ trade, jobIds }) => ({
            title: trade,
            note: jobIds.map(titleOf).join(', '),
          }))}
        />
        <Section title="Papers">
          <Note>
            Photograph manuals, warranties and certificates. They travel with the house’s file.
          </Note>
          <View className="flex-row flex-wrap gap-2">
            {papers.map(({ id, about }) => (
              <PictureOf
                key={id}
                id={id}
                about={about ? `The card of ${titleOf(about.replace(/^job\//, ''))}` : 'A paper'}
              />
            ))}
          </View>
          <Photos placeId={null} of="paper/house" about="a paper of the house" />
        </Section>
        <ButtonLink look="quiet" className="self-start" href="/walls" label="Behind all walls" />
      </View>
    </Page>
  );
}

function leftWords({ punch, questions }: { punch: number; questions: number }): string {
  const left = [
    ...(punch > 0 ? [`${countWords(punch, 'thing')} on the punch list`] : []),
    ...(questions > 0 ? [countWords(questions, 'open question')] : []),
  ];
  return left.length === 0
    ? 'The punch list is empty and every question is answered.'
    : `${left.join(', ')}.`;
}

const SHOWN = 4;

function Listed({
  title,
  empty,
  rows,
}: {
  title: string;
  empty: string;
  rows: readonly { title: string; note: string }[];
}) {
  return (
    <Section title={title} sum={rows.length > 0 ? String(rows.length) : undefined}>
      {rows.length === 0 ? <Note>{empty}</Note> : null}
      <Folded
        first={SHOWN}
        more={`Show all ${rows.length}`}
        rows={rows.map((row, nth) => (
          <Slip key={nth} title={row.title} note={row.note} />
        ))}
      />
    </Section>
  );
}
