import { useState } from 'react';
import { View } from 'react-native';
import type { InspectionStatus } from '@/core/records/inspections';
import { inSentence } from '@/features/job';
import { DropForm, VisitForm } from '@/features/job/forms';
import { PictureOf, Photos } from '@/features/kit/photo';
import { JobActions } from '@/features/job/story';
import { formatDate } from '@/core/units';
import { placeNameIn, placeOf, selectProject, selectToday, useAppSelector } from '@/store';
import { Button, ButtonLink, Note, Slip, Strong } from '@/ui';
import { ifFailedWords, statusWords, someOf } from './words';

const BOARDS = {
  passed: 'done',
  failed: 'held',
  booked: 'arrives',
  'to-call': 'ready',
  later: 'later',
} as const;

const SHOWN_PHOTOS = 6;

/** One visit: when, and behind a tap what it looks at, holds, and would move, with all that can be said of it. */
export function InspectionSlip({ status }: { status: InspectionStatus }) {
  const project = useAppSelector(selectProject);
  const today = useAppSelector(selectToday);
  const [open, setOpen] = useState(false);
  const { job, state } = status;
  return (
    <Slip
      state={BOARDS[state]}
      title={job.title}
      note={`${placeOf(project, job)} · ${statusWords(status, today)}`}
    >
      {open ? <Opened status={status} /> : null}
      <Button
        look="quiet"
        className="self-start"
        label={open ? 'Less' : 'What it sees, holds, and how it went'}
        hint={`${open ? 'Less of' : 'More of'} ${job.title}, ${placeOf(project, job)}`}
        onPress={() => setOpen(!open)}
      />
    </Slip>
  );
}

function Opened({ status }: { status: InspectionStatus }) {
  const project = useAppSelector(selectProject);
  const today = useAppSelector(selectToday);
  const { job, state, sees, photos, holds, visits, corrections } = status;
  const named = (jobs: InspectionStatus['sees']) =>
    someOf(jobs.map((each) => `${inSentence(each.title)} (${placeOf(project, each)})`));
  const unfinished = sees.filter(({ doneOn }) => doneOn === null);
  return (
    <View className="gap-2 py-2">
      <Fact title="It has to see" words={named(sees) || 'nothing the plan knows'} />
      {unfinished.length > 0 && state !== 'passed' ? (
        <Note className="text-brick">{`Not done yet: ${named(unfinished)}.`}</Note>
      ) : null}
      <Fact title="It holds" words={named(holds) || 'nothing'} />
      {state === 'passed' ? null : <Note>{ifFailedWords(status)}</Note>}
      {visits.map((visit, nth) => (
        <Note key={nth} className="text-ink">
          {`${formatDate(visit.on, today)}: ${visit.result === 'passed' ? 'passed' : 'did not pass'}${visit.note ? `, ${visit.note}` : ''}`}
        </Note>
      ))}
      {corrections.length > 0 ? (
        <View className="gap-1">
          <Strong>To be put right first</Strong>
          {corrections.map((each) => (
            <ButtonLink
              key={each.id}
              className="self-start"
              href={{ pathname: '/job', params: { id: each.id } }}
              label={each.title}
            />
          ))}
        </View>
      ) : null}
      <Fact
        title="Pictures to have at hand"
        words={photos.length === 0 ? 'none of these rooms yet' : ''}
      />
      <View className="flex-row flex-wrap gap-2">
        {photos.slice(-SHOWN_PHOTOS).map((photo) => (
          <PictureOf
            key={photo.id}
            id={photo.id}
            about={`${placeNameIn(project, photo.placeId)}, ${formatDate(photo.on, today)}`}
          />
        ))}
      </View>
      <Strong>The card or certificate</Strong>
      <Photos placeId={job.placeId} of={`job/${job.id}`} about={`the card of ${job.title}`} />
      {state === 'passed' ? null : <Said status={status} />}
    </View>
  );
}

/** How it went, the day it is booked for, and that the office does not ask for it. */
function Said({ status: { job } }: { status: InspectionStatus }) {
  const [asking, setAsking] = useState<'none' | 'book' | 'drop'>('none');
  const close = () => setAsking('none');
  if (asking === 'book') return <VisitForm job={job} onDone={close} />;
  if (asking === 'drop') return <DropForm job={job} onDone={close} />;
  return (
    <View className="gap-2">
      <JobActions job={job} />
      <View className="flex-row flex-wrap gap-2">
        <Button
          label={job.bookedOn ? 'Move the day' : 'Book a day'}
          hint={`${job.bookedOn ? 'Move' : 'Book'} the day: ${job.title}`}
          onPress={() => setAsking('book')}
        />
        <Button
          look="quiet"
          label="The office does not ask for it"
          hint={`Not asked for: ${job.title}`}
          onPress={() => setAsking('drop')}
        />
      </View>
    </View>
  );
}

function Fact({ title, words }: { title: string; words: string }) {
  return (
    <View>
      <Strong>{title}</Strong>
      {words ? <Note>{words}</Note> : null}
    </View>
  );
}
