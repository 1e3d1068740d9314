import { useState } from 'react';
import { thingsIn, type Act, type Names, type TakenBack } from '@/core/journal/history';
import { noticed, useAppDispatch } from '@/store';
import { findStanding, readHistory, takeBack, tryTakingBack, type Which } from '@/store/history';
import { Button } from '@/ui';
import { useNames } from './useNames';
import { WhatGoes } from './WhatGoes';

type Asked = { act: Pick<Act, 'events'>; taken: TakenBack; names: Names };

const NOT_FOUND = 'Not kept: nothing of that stands any more. The history of changes shows why.';

/**
 * Takes back, where it shows, what was last said of one thing, or what made it; however long ago. A thing is named as the
 * history names it: `about="element/back-bed/walls"`, or by the id it was made with.
 */
export function TakeBack({
  what,
  label = 'Take it back',
  ...which
}: Which & {
  /** What was said, for those who hear the button. */
  what: string;
  label?: string;
}) {
  const dispatch = useAppDispatch();
  const plain = useNames();
  const [asked, setAsked] = useState<Asked | null>(null);
  const ask = async () => {
    const act = await dispatch(findStanding(which));
    if (!act) {
      dispatch(noticed(NOT_FOUND));
      return;
    }
    const { events } = await dispatch(readHistory());
    const taken = await dispatch(tryTakingBack(act));
    setAsked({ act, taken, names: { ...plain, thing: thingsIn(events, plain) } });
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
        void dispatch(takeBack(asked.act, `Took back: ${what}.`)).then(
          (kept) => kept && setAsked(null),
        )
      }
      onNo={() => setAsked(null)}
    />
  );
}
