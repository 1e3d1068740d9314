import { useState } from 'react';
import { thingsIn, type Names, type TakenBack } from '@/core/history';
import type { JournalEvent } from '@/core/journal';
import { noticed, useAppDispatch } from '@/store';
import { findStanding, readHistory, takeBack, tryTakingBack } from '@/store/history';
import { Button } from '@/ui';
import { useNames } from './useNames';
import { WhatGoes } from './WhatGoes';

type Asked = { event: JournalEvent; taken: TakenBack; names: Names };

const NOT_FOUND = 'Not kept: nothing of that stands any more. The history of changes shows why.';

/** Takes back, where it shows, what was last said of one thing; however long ago. */
export function TakeBack({
  about,
  what,
  label = 'Take it back',
}: {
  /** The thing as the history names it, such as `element/back-bed/walls`. */
  about: string;
  /** What was said, for those who hear the button. */
  what: string;
  label?: string;
}) {
  const dispatch = useAppDispatch();
  const plain = useNames();
  const [asked, setAsked] = useState<Asked | null>(null);
  const ask = async () => {
    const event = await dispatch(findStanding(about));
    if (!event) {
      dispatch(noticed(NOT_FOUND));
      return;
    }
    const { events } = await dispatch(readHistory());
    const taken = await dispatch(tryTakingBack({ events: [event] }));
    setAsked({ event, taken, names: { ...plain, thing: thingsIn(events, plain) } });
  };
  if (!asked) {
    return (
      <Button
        look="quiet"
        className="self-start"
        label={label}
        hint={`${label}: ${what}`}
        onPress={() => void ask()}
      />
    );
  }
  return (
    <WhatGoes
      taken={asked.taken}
      names={asked.names}
      label="Yes, take it back"
      onYes={() =>
        void dispatch(takeBack({ events: [asked.event] }, `Took back: ${what}.`)).then(
          (kept) => kept && setAsked(null),
        )
      }
      onNo={() => setAsked(null)}
    />
  );
}
